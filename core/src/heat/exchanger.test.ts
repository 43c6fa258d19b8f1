import fc from 'fast-check';
import { cooled, effectiveness, transferUnits, uaAt_kWK, uaOfReadings_kWK, type Cooling } from './index';

const CIDER: Cooling = { product_kWK: 0.55 * 3.8, coolant_kWK: 1.2 * 4.19, product_C: 21, coolant_C: 9 };
const flow = fc.double({ min: 0.1, max: 10, noNaN: true });

test('a cider press: 0.55 kg/s from 21 to 12.0 °C', () => {
  const { effectiveness: eff, delivered_C, coolantOut_C } = cooled(CIDER, 3.6);
  expect([eff, delivered_C, coolantOut_C].map((one) => Number(one.toFixed(4)))).toEqual([
    0.7482, 12.022, 12.7319,
  ]);
});

test('what the product loses the coolant takes: to a billionth, alike streams too', () => {
  fc.assert(
    fc.property(
      flow,
      fc.option(flow),
      fc.double({ min: 0.1, max: 30, noNaN: true }),
      (product_kWK, other, ua) => {
        const streams = { ...CIDER, product_kWK, coolant_kWK: other ?? product_kWK };
        const { delivered_C, coolantOut_C } = cooled(streams, ua);
        const given = streams.product_kWK * (21 - delivered_C);
        const taken = streams.coolant_kWK * (coolantOut_C - 9);
        expect(Math.abs(given - taken)).toBeLessThan(1e-9);
        expect(delivered_C).toBeGreaterThanOrEqual(9 - 1e-9);
      },
    ),
  );
});

test('transfer units and UA are what an effectiveness and readings tell', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.05, max: 4, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (ntu, ratio) => {
        expect(transferUnits(effectiveness(ntu, ratio), ratio)).toBeCloseTo(ntu, 4);
      },
    ),
  );
  expect(uaOfReadings_kWK(CIDER, cooled(CIDER, 3.6).delivered_C)).toBeCloseTo(3.6, 9);
});

test('readings that no cooler gives are said', () => {
  expect(() => uaOfReadings_kWK({ ...CIDER, coolant_C: 22 }, 15)).toThrow('colder than the product');
  expect(() => uaOfReadings_kWK(CIDER, 21)).toThrow('leave cooler');
  expect(() => uaOfReadings_kWK(CIDER, 8.9)).toThrow('No cooler cools so far');
  expect(() => uaOfReadings_kWK({ ...CIDER, product_kWK: 0 }, 15)).toThrow('flow');
});

test('a slower product passes less heat, but never less for each litre', () => {
  expect(uaAt_kWK(3.6, 1, 0.5, 0.7)).toBe(3.6);
  expect(uaAt_kWK(3.6, 0.5, 0.5, 0.7)).toBeLessThan(3.6);
  expect(uaAt_kWK(3.6, 0, 0.5, 0.7)).toBe(0);
  let before = 9;
  for (let share = 0.1; share <= 3; share += 0.1) {
    const streams = { ...CIDER, product_kWK: CIDER.product_kWK * share };
    const { delivered_C } = cooled(streams, uaAt_kWK(3.6, share, 0.5, 0.7));
    expect(delivered_C).toBeGreaterThanOrEqual(before);
    before = delivered_C;
  }
});
