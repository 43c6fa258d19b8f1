import { DUTY, LITTLE, SHARED } from '../fixtures';
import { spaDutySchema, type SpaDuty } from './duty';

const wrong = (change: Partial<SpaDuty>) =>
  (spaDutySchema.safeParse({ ...DUTY, ...change }).error?.issues ?? []).map(
    ({ path, message }) => `${path.join('.')}: ${message}`,
  );

test.each([DUTY, SHARED, LITTLE])('what is right comes back as it was', (duty) => {
  expect(spaDutySchema.parse(duty)).toEqual(duty);
});

test.each<[string, Partial<SpaDuty>, string]>([
  [
    'nothing that moves water',
    { pumps: [] },
    'pumps: Enter one pump at least: without water moving there is nothing to heat.',
  ],
  [
    'a phase that is not there',
    { blower: { ...DUTY.blower!, phase: 2 } },
    'blower.phase: The supply has one phase: there is no phase 2.',
  ],
  [
    'a heater on three phases of one',
    { heater: { ...DUTY.heater, phases: 3 } },
    'heater.phases: The supply has one phase: there is no phase 3: the heater cannot use as many.',
  ],
  [
    'more current than any breaker',
    {
      pumps: [
        { ...DUTY.pumps[0], high: { current_A: 84, power_W: 1900 } },
        { ...DUTY.pumps[1], high: { current_A: 77, power_W: 1700 } },
      ],
    },
    'supply.breaker_A: All together take 177 A: no breaker of a tub carries that. Check the currents.',
  ],
  [
    'low above high',
    { pumps: [{ ...DUTY.pumps[0], low: { current_A: 9, power_W: 480 } }] },
    'pumps.0.low.current_A: At low speed it cannot take more than at high speed.',
  ],
  [
    'water that warmed by itself',
    { tub: { ...DUTY.tub, loss: { kind: 'cool-down', from_C: 35, to_C: 36, air_C: 6, hours_h: 10 } } },
    'tub.loss.to_C: It must be cooler at the end than at first.',
  ],
  [
    'air as warm as the water',
    { tub: { ...DUTY.tub, loss: { kind: 'cool-down', from_C: 37, to_C: 36, air_C: 36, hours_h: 10 } } },
    'tub.loss.air_C: The air must be colder than the water at the end.',
  ],
  [
    'coldest above usual',
    { tub: { ...DUTY.tub, coldest_C: 8 } },
    'tub.coldest_C: The coldest air cannot be warmer than the usual.',
  ],
  [
    'filled too warm',
    { wanted: { ...DUTY.wanted, from_C: 39 } },
    'wanted.from_C: The fill is warmer than required: nothing needs heating.',
  ],
  [
    'times of bathing in each other, over midnight too',
    {
      baths: [
        { from: 1380, to: 60 },
        { from: 30, to: 90 },
      ],
    },
    'baths.1.from: This time lies in another one.',
  ],
  [
    'a gap in the prices',
    { prices: [{ from: 0, to: 600, price: 0.2 }] },
    'prices.0.from: No price from 10:00 to 24:00.',
  ],
  [
    'no time at all',
    { baths: [{ from: 600, to: 600 }] },
    'baths.0.to: It must end at another time than it begins.',
  ],
])('%s is said at its field', (_, change, words) => {
  expect(wrong(change)).toEqual([words]);
});
