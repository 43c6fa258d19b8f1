import { contextOf, DUTY, KEYS, LITTLE, SHARED, SMALL, sound } from '../fixtures';
import { understand } from '../settings/understand';
import {
  circulatingHeat_W,
  coldestBath,
  coveredLoss_WK,
  heatingCost,
  held_C,
  latestStart,
  ready_h,
  settledDay,
  shownUntil_h,
  standsWarm_kWh,
  tubDay,
  tubMinute,
  warmest_C,
  warming,
} from './tub';

const context = contextOf();
const settings = (change = {}, of = context) => understand(of.profile, of.plate, { ...sound(of), ...change });

test('loss from its own cool-down; heat of heater and of the pump that runs beside it', () => {
  expect(coveredLoss_WK(DUTY)).toBeCloseTo(11.943326, 5);
  expect(coveredLoss_WK(SHARED)).toBe(22);
  expect([circulatingHeat_W(DUTY), circulatingHeat_W(SHARED)]).toEqual([480, 130]);
  expect(warmest_C(DUTY)).toBeCloseTo(-4 + 3480 / 11.943326, 2);
});

test('minute by minute it is warm when the formula says', () => {
  const course = warming(context, tubDay(context, settings())!, 37);
  expect(Math.abs(course.ready_h! - ready_h(DUTY)!)).toBeLessThan(1 / 30);
  expect(course.water_C[0]).toBe(12);
  expect(Math.max(...course.water_C)).toBeLessThan(37.2);
});

test('water falls 0.3 K before it heats again, and heats until what it holds', () => {
  const day = tubDay(context, settings())!;
  const heatsFrom = (at_C: number, heating: boolean) => tubMinute(day, 0, at_C, heating, 37, 6).heating;
  expect([36.69, 36.71, 36.84].map((at_C) => heatsFrom(at_C, false))).toEqual([true, false, false]);
  expect([36.71, 36.99, 37].map((at_C) => heatsFrom(at_C, true))).toEqual([true, true, false]);
});

test('in cycles alone it takes as many days as the hours of its cycles make', () => {
  const cycles = tubDay(context, settings({ heat: 'cyc' }))!;
  const { ready_h: slow } = warming(context, cycles, 37);
  // six hours a day instead of twenty-four
  expect(slow!).toBeGreaterThan(ready_h(DUTY)! * 2);
  const short = tubDay(context, settings({ heat: 'cyc', long: 15, 'long/2': 15 }))!;
  expect(warming(context, short, 37).ready_h).not.toBe(0);
});

test('what it holds goes by set point, range and mode', () => {
  expect(held_C(context, settings())).toBe(37);
  expect(held_C(context, settings({ range: 'lo' }))).toBe(30);
  expect(held_C(context, settings({ heat: 'low' }))).toBe(20);
  const small = contextOf(SMALL, LITTLE);
  expect(held_C(small, settings({}, small))).toBe(36);
});

test('without a row or without cycles nothing is known of its day', () => {
  expect(tubDay(context, settings({ num: 39 }))).toBeNull();
  const { start: _, 'start/2': _2, ...unread } = sound(context);
  expect(tubDay(context, understand(KEYS, context.plate, unread))).toBeNull();
});

test('a settled day keeps what it holds, costs what it loses, and is coldest as one steps in', () => {
  const day = tubDay(context, settings())!;
  const course = settledDay(day, 6, () => 37, 7);
  expect(Math.min(...course.water_C)).toBeGreaterThan(36.5);
  const { kWh, cost } = heatingCost(DUTY, course);
  expect(kWh).toBeGreaterThan(0);
  // no hour is cheaper than the cheapest, none dearer than the dearest
  expect(cost / kWh).toBeGreaterThanOrEqual(0.18 - 1e-9);
  expect(cost / kWh).toBeLessThanOrEqual(0.41 + 1e-9);
  expect(coldestBath(DUTY, course)?.at_min).toBe(1140);
  expect(coldestBath({ ...DUTY, baths: [] }, course)).toBeNull();
});

test('the latest start for the first bath, the day before where it takes that long', () => {
  expect(latestStart(DUTY, 12.5)).toEqual({ at_min: 390, daysBefore: 0 });
  expect(latestStart(DUTY, 20)).toEqual({ at_min: 1380, daysBefore: 1 });
  expect(latestStart(DUTY, 50)).toMatchObject({ daysBefore: 2 });
  expect(latestStart({ baths: [] }, 5)).toBeNull();
  expect(standsWarm_kWh(DUTY, 37)).toBeCloseTo((24 * 11.943326 * 31) / 1000, 3);
});

test('a picture goes a little past what gets there; two days of what never does', () => {
  expect([shownUntil_h([10, null]), shownUntil_h([null, null]), shownUntil_h([0.1])]).toEqual([13, 48, 1]);
});
