import { z } from 'zod';
import { checkedTariff, costOf } from '../../schedule';
import { DAY_MIN } from '../../time';
import { figure, line, notNegative, positive, rows } from '../fields';
import type { Tool } from '../tool';

const minute = z.number({ error: 'A time is needed.' }).min(0).max(DAY_MIN, 'A day ends at 24:00.');

export const tariffInput = z.object({
  power_w: positive('The power'),
  /** [from, to], minutes of the day; past midnight where it ends before it begins */
  runs: z
    .array(z.tuple([minute, minute]))
    .min(1, 'Enter at least one run.')
    .max(100, 'At most 100 runs.'),
  /** [from, to, price for a kWh] */
  prices: z
    .array(z.tuple([minute, minute, notNegative('A price')]))
    .min(1, 'Enter at least one price.')
    .max(100, 'At most 100 prices.'),
});

export interface TariffOutput {
  cost_day: number;
  cost_year: number;
  energy_kwh: number;
  /** share of the cost that falls into the dearest windows; null where one price holds all day */
  dear_share: number | null;
}

const DAYS = 365;

/** Runs as stretches of one day, those that overlap as one: a pump that runs twice at a time runs once. One that ends as it begins is none. */
function onceEach(runs: readonly (readonly [number, number])[]): (readonly [number, number])[] {
  const parts = runs.flatMap(([from, to]): [number, number][] => {
    if (from === to) return [];
    return to > from
      ? [[from, to]]
      : [
          [from, DAY_MIN],
          [0, to],
        ];
  });
  const once: [number, number][] = [];
  for (const [from, to] of parts.sort(([a], [b]) => a - b)) {
    const last = once.at(-1);
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else once.push([from, to]);
  }
  return once;
}

export const tariffTool: Tool<typeof tariffInput, TariffOutput> = {
  id: 'tariff',
  group: 'money',
  name: 'What a run costs',
  about: 'Runs of a day at a power, priced window by window.',
  input: tariffInput,
  fields: [
    figure('power_w', 'Power while it runs', 'power', '450'),
    rows('runs', 'Runs', 2, '7:00 11:00\n17:00 21:00', 'A line each: from, to.'),
    rows(
      'prices',
      'Prices',
      3,
      '0:00 6:00 0.18\n6:00 21:00 0.31\n21:00 24:00 0.18',
      'A line each: from, to, price of a kWh; together the whole day.',
    ),
  ],
  run: ({ power_w, runs, prices }) => {
    const windows = checkedTariff(prices.map(([from, to, price]) => ({ from, to, price })));
    const dearest = Math.max(...windows.map(({ price }) => price));
    const dear = windows.map((window) => ({ ...window, price: window.price === dearest ? dearest : 0 }));
    const stretches = onceEach(runs);
    const sum = (of: (from: number, to: number) => number) =>
      stretches.reduce((all, [from, to]) => all + of(from, to), 0);
    const cost_day = sum((from, to) => costOf(windows, from, to, power_w));
    const inDear = sum((from, to) => costOf(dear, from, to, power_w));
    return {
      cost_day,
      cost_year: cost_day * DAYS,
      energy_kwh: sum((from, to) => ((to - from) / 60) * (power_w / 1000)),
      dear_share:
        windows.every(({ price }) => price === dearest) || cost_day === 0 ? null : inDear / cost_day,
    };
  },
  answer: ({ cost_day, cost_year, energy_kwh, dear_share }) => ({
    main: line('A day costs', cost_day, '', 2),
    lines: [
      line('A year', cost_year, '', 0),
      line('Energy a day', energy_kwh, 'kWh'),
      ...(dear_share === null ? [] : [line('Share of cost at peak price', dear_share * 100, '%', 0)]),
    ],
  }),
};
