import fc from 'fast-check';
import { after_C, balance_C, heldHeat_WhK, lossOfCoolDown_WK, standing_kWh, warmUp_h } from './index';

const temperature = fc.double({ min: -20, max: 60, noNaN: true });
const tub = { held_WhK: heldHeat_WhK(1350), loss_WK: 60 };

test('a tub of 1350 L warms from 12 to 37 °C in 22 hours with 3 kW, and stands for 44.6 kWh a day', () => {
  expect(balance_C(6, 3000, 60)).toBe(56);
  expect(warmUp_h(tub, 3000, 6, 12, 37)).toBeCloseTo(21.974, 3);
  expect(standing_kWh(60, 37, 6)).toBeCloseTo(44.64, 6);
});

test('what loses more than it is given never gets there; what is there needs no time', () => {
  expect(warmUp_h({ ...tub, loss_WK: 90 }, 2000, -4, 12, 38)).toBeNull();
  expect(warmUp_h(tub, 3000, 6, 38, 37)).toBe(0);
  expect(warmUp_h({ ...tub, loss_WK: 0 }, 3000, 6, 12, 37)).toBeCloseTo((tub.held_WhK * 25) / 3000, 9);
  expect(standing_kWh(60, 10, 20)).toBe(0);
});

test('the loss of a cool-down is the one that cools it so', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 400, noNaN: true }),
      fc.double({ min: 1, max: 30, noNaN: true }),
      temperature,
      fc.double({ min: 5, max: 40, noNaN: true }),
      (loss_WK, hours_h, air_C, above_K) => {
        const cools = above_K * Math.exp((-loss_WK * hours_h) / tub.held_WhK);
        fc.pre(above_K - cools > 1e-6 && cools > 1e-6);
        const seen = { from_C: air_C + above_K, to_C: air_C + cools, air_C, hours_h };
        expect(lossOfCoolDown_WK(tub.held_WhK, seen)).toBeCloseTo(loss_WK, 2);
      },
    ),
  );
});

test('water that did not cool towards the air tells no loss', () => {
  const seen = { from_C: 37, to_C: 36, air_C: 6, hours_h: 10 };
  expect(() => lossOfCoolDown_WK(tub.held_WhK, { ...seen, to_C: 37 })).toThrow('cooler at the end');
  expect(() => lossOfCoolDown_WK(tub.held_WhK, { ...seen, air_C: 36 })).toThrow('air must be colder');
  expect(() => lossOfCoolDown_WK(tub.held_WhK, { ...seen, hours_h: 0 })).toThrow('The time');
});

test('small steps come to what the formula says', () => {
  let water = 12;
  let minutes = 0;
  for (; water < 37; minutes++) water = after_C(tub, water, 3000, 6, 1 / 60);
  expect(Math.abs(minutes / 60 - warmUp_h(tub, 3000, 6, 12, 37)!)).toBeLessThan(0.05);
});
