import { z } from 'zod';
import { figure, group, rows, text } from '../../describe';

/** No figure of the trade is larger than this, in the unit it is kept in. */
export const MOST_FIGURE = 1e6;

/** A figure of a duty above nil, with what it is called in its words. */
export const positive = (what: string, most = MOST_FIGURE) =>
  z
    .number({ error: `${what} must be a number.` })
    .positive(`${what} must be more than 0.`)
    .max(most, `${what} cannot be above ${most}.`);

/** A figure of a duty from nil up. */
export const notNegative = (what: string, most = MOST_FIGURE) =>
  z
    .number({ error: `${what} must be a number.` })
    .min(0, `${what} cannot be negative.`)
    .max(most, `${what} cannot be above ${most}.`);

/** Points of a pump's curve at full speed, as a duty keeps them. */
export const curvePoints = (most_m: number, flow = 'Flow') =>
  rows(
    'Add a point of the curve',
    group({
      flow_m3h: figure(flow, 'waterFlow', { min: 0, max: 1e5 }),
      head_m: figure('Head', 'head', { min: 0, max: most_m }),
    }),
    { min: 2, max: 20, tooFew: 'Enter two points of the curve at least.' },
  );

/** Powers at full speed, as a duty keeps them. */
export const powerPoints = (most_W: number) =>
  rows(
    'Add a power',
    group({
      flow_m3h: figure('At a flow of', 'waterFlow', { min: 0, max: 1e5 }),
      power_W: figure('Power', 'power', { max: most_W }),
    }),
    { min: 1, max: 20, tooFew: 'Enter the power at one flow at least.' },
  );

/** What energy costs, and in what. */
export const pricesOf = {
  price_kWh: figure('A kWh costs', 'plain', { min: 0, max: 1000 }),
  currency: text('Currency', { max: 12, missing: 'Which currency?' }),
};
export const altitude_m = figure('Height above the sea', 'length', { min: -500, max: 6000 });
/** What is wanted after a power cut or a fault; left out where the plan may propose it. */
export const AFTER_CUT = { resume: 'goes on', wait: 'waits' } as const;
