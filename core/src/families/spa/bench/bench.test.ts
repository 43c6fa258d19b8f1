import fc from 'fast-check';
import { contextOf, DUTY, KEYS, SHARED, SMALL, SOFT, LITTLE, sound } from '../fixtures';
import { heldHeat_WhK } from '../../../heat';
import type { Scenario } from '../../../bench';
import { benchSheet, plainDay, weatherOf } from './bench';
import { eventsFor } from './events';

const context = contextOf();
const cold: Scenario = { ...plainDay(context), weather: weatherOf(context, 'coldest') };
const event = (kind: string, at_h: number, until_h: number | null, amount: number | null = null) => ({
  kind,
  at_s: at_h * 3600,
  until_s: until_h === null ? null : until_h * 3600,
  amount,
});
const run = (events: Scenario['events'], values = {}, of = context, day = cold) =>
  benchSheet(of, { ...sound(of), ...values }, { ...day, events });

test('what went in, less what the air took, is what the water holds: to a billionth', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 22 }), fc.integer({ min: 1, max: 30 }), (at, snap) => {
      const { sums, traces } = run([event('cover-off', at, at + 1), event('cold-snap', at, at + 2, snap)]);
      expect(Math.abs(sums.gained_kWh - sums.lost_kWh - sums.held_kWh)).toBeLessThan(1e-9);
      const water = traces.find(({ key }) => key === 'water')!;
      const rise_K = (sums.held_kWh * 1000) / heldHeat_WhK(DUTY.tub.volume_L);
      // the last minute's mean is within what a minute can change
      expect(water.mean.at(-1)! - 37).toBeCloseTo(rise_K, 0);
    }),
    { numRuns: 4 },
  );
});

test('warm in the times of bathing, cycles and bath in the right minutes', () => {
  const { sums } = run([]);
  expect(sums.cool_h).toBe(0);
  expect(sums.trips).toBe(0);
  // standing low in mild air nothing heats and nothing guards: pumps run for their cycles and the bath alone
  const pumps = run([], { heat: 'low' }, context, plainDay(context)).traces.find(
    ({ key }) => key === 'pumps',
  )!;
  expect([pumps.max[8 * 60], pumps.max[12 * 60], pumps.max[20 * 60]]).toEqual([480, 0, 3600]);
  expect(sums.longest_h).toBeLessThan(10);
});

test('a cover left off, a cold snap and a scaled heater cost warmth or money', () => {
  const plain = run([]).sums;
  const open = run([event('cover-off', 2, 12)]).sums;
  expect(open.heater_kWh).toBeGreaterThan(plain.heater_kWh + 5);
  expect(run([event('cold-snap', 0, 24, 10)]).sums.lost_kWh).toBeGreaterThan(plain.lost_kWh);
  const scaled = run([event('cover-off', 2, 18), event('heater-scaled', 0, 24, 80)]).sums;
  expect(scaled.cool_h).toBeGreaterThan(0);
});

test('after a cut: a clock that is lost runs its cycles from midnight on', () => {
  const { traces } = run([event('power-cut', 2, 3)], { heat: 'low' }, context, plainDay(context));
  const pumps = traces.find(({ key }) => key === 'pumps')!;
  // the cycle of 7:00 comes seven hours after power returned
  expect([pumps.max[8 * 60 + 30], pumps.max[10 * 60 + 30]]).toEqual([0, 480]);
  const kept = contextOf(SOFT, SHARED);
  expect(run([event('power-cut', 2, 3)], {}, kept, plainDay(kept)).sums.turnovers).toBeCloseTo(
    run([], {}, kept, plainDay(kept)).sums.turnovers * (23 / 24),
    1,
  );
});

test('a dead circulating pump: it wants to heat, and does not; a tub without one for its number as well', () => {
  const { happenings, sums } = run([event('output-dead', 0, 18), event('cover-off', 0, 10)]);
  expect(happenings.map(({ words }) => words)).toContain('It wants to heat, and no water moves.');
  expect(sums.heater_kWh).toBeLessThan(run([event('cover-off', 0, 10)]).sums.heater_kWh);
});

test('somebody bathes at another time: jets run, and the heater waits', () => {
  const { traces } = run([event('bathing', 11, 12)]);
  const pumps = traces.find(({ key }) => key === 'pumps')!;
  const heater = traces.find(({ key }) => key === 'heater')!;
  expect([pumps.max[11 * 60 + 30], heater.max[11 * 60 + 30]]).toEqual([3600, 0]);
});

test('what is not known is said, and a clock that is not there cannot be lost', () => {
  const { unknown } = benchSheet(context, {}, plainDay(context));
  expect(unknown).toEqual([
    'The number is not known: nothing runs.',
    'Its cycles are not known: it runs none.',
    'What it holds is not known: it does not heat.',
    'Its heating mode is not known: it is taken to heat at any time.',
  ]);
  expect(benchSheet(context, { num: 38 }, plainDay(context)).unknown).toContain(
    'Number 38 stands in no row: nothing runs.',
  );
  const noClock = { ...SMALL, behaviours: { ...SMALL.behaviours, hasClock: false } };
  expect(eventsFor(contextOf(noClock, LITTLE))).not.toContain('clock-lost');
  expect(eventsFor(contextOf(KEYS))).toContain('clock-lost');
});
