import { z } from 'zod';

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
export const curvePoints = (most_m: number) =>
  z
    .array(
      z
        .object({ flow_m3h: notNegative('Each flow', 1e5), head_m: notNegative('Each head', most_m) })
        .strict(),
    )
    .min(2, 'Enter two points of the curve at least.')
    .max(20, 'At most 20 points.');

/** Powers at full speed, as a duty keeps them. */
export const powerPoints = (most_W: number) =>
  z
    .array(
      z.object({ flow_m3h: notNegative('Each flow', 1e5), power_W: positive('Each power', most_W) }).strict(),
    )
    .min(1, 'Enter the power at one flow at least.')
    .max(20, 'At most 20 points.');
