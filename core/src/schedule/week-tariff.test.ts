import { EVERY_DAY } from '../time';
import { checkedYear, costInWeek, inSeason, pricesOfWeek, seasonsOf, type TariffWindow } from './index';

const window = (from: number, to: number, price: number, more: Partial<TariffWindow> = {}): TariffWindow => ({
  days: EVERY_DAY,
  months: null,
  from,
  to,
  price,
  ...more,
});
const WINTER_EVENINGS: TariffWindow[] = [
  window(0, 1020, 0.2),
  window(1020, 1260, 0.5, { days: '12345', months: [10, 3] }),
  window(1020, 1260, 0.4, { days: '12345', months: [4, 9] }),
  window(1020, 1260, 0.2, { days: '67' }),
  window(1260, 1440, 0.2),
];

test('seasons run over the new year', () => {
  expect([9, 10, 12, 1, 3, 4].map((month) => inSeason([10, 3], month))).toEqual([
    false,
    true,
    true,
    true,
    true,
    false,
  ]);
  expect(inSeason(null, 7)).toBe(true);
});

test('each day has its own prices, each season its own evenings', () => {
  expect(() => checkedYear(WINTER_EVENINGS)).not.toThrow();
  expect(pricesOfWeek(WINTER_EVENINGS, 11).days[0].find(({ from }) => from === 1020)?.price).toBe(0.5);
  expect(pricesOfWeek(WINTER_EVENINGS, 7).days[0].find(({ from }) => from === 1020)?.price).toBe(0.4);
  expect(pricesOfWeek(WINTER_EVENINGS, 11).days[6].find(({ from }) => from === 1020)?.price).toBe(0.2);
});

test('months with the same windows are one season', () => {
  const seasons = seasonsOf(WINTER_EVENINGS);
  expect(seasons.flat().sort((a, b) => a - b)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12]);
  for (const months of seasons) {
    for (const month of months)
      expect(pricesOfWeek(WINTER_EVENINGS, month)).toEqual(pricesOfWeek(WINTER_EVENINGS, months[0]));
  }
  expect(seasons.length).toBeGreaterThan(1);
  expect(seasonsOf([{ from: 0, to: 1440, price: 1, days: '1234567', months: null }])).toHaveLength(1);
});

test('a run is paid window by window; the dear part is told', () => {
  const week = pricesOfWeek(WINTER_EVENINGS, 11);
  const cost = costInWeek(week, 960, 1320, 1000);
  expect(cost.cost).toBeCloseTo(1 * 0.2 + 4 * 0.5 + 1 * 0.2, 9);
  expect(cost).toMatchObject({ dear_min: 240, dearCost: 2 });
  // Friday evening into Saturday: the dear hours end with the day's own windows
  expect(costInWeek(week, 4 * 1440 + 1200, 5 * 1440 + 1200, 1000).dear_min).toBe(60);
});

test.each([
  [
    'a gap on a weekday',
    WINTER_EVENINGS.filter(({ price, months }) => !(price === 0.5 && months)),
    'Mon in Jan: No price from 17:00 to 21:00.',
  ],
  [
    'an overlap',
    [...WINTER_EVENINGS, window(1020, 1030, 1, { days: '3' })],
    'Wed in Jan: Two prices from 17:00 to 17:10.',
  ],
])('%s is said with its day and month', (_, tariff, words) => {
  expect(() => checkedYear(tariff)).toThrow(words);
});
