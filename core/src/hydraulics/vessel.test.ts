import fc from 'fast-check';
import { AIR_bar, startsPerHour, usableWater_L } from './vessel';

const bar = fc.double({ min: 0.5, max: 9, noNaN: true });

test('gas and water share the vessel: what the gas gains between the pressures is the water given', () => {
  fc.assert(
    fc.property(bar, bar, fc.double({ min: 0.3, max: 3, noNaN: true }), (pre, start, more) => {
      const vessel = { volume_L: 80, precharge_bar: pre };
      const stop = start + more;
      const gas_L = (gauge: number) => Math.min(80, (80 * (pre + AIR_bar)) / (gauge + AIR_bar));
      expect(usableWater_L(vessel, start, stop)).toBeCloseTo(gas_L(start) - gas_L(stop), 9);
    }),
  );
});

test('a pre-charge at the stop pressure leaves nothing to give', () => {
  expect(usableWater_L({ volume_L: 80, precharge_bar: 4 }, 3, 4)).toBe(0);
});

test('starts are most where half of what fills is drawn, without a delay', () => {
  const at = (draw: number) => startsPerHour(12, draw, 3, 0);
  fc.assert(
    fc.property(fc.double({ min: 0.05, max: 2.95, noNaN: true }), (draw) => {
      expect(at(draw)).toBeLessThanOrEqual(at(1.5) + 1e-9);
    }),
  );
});
