import fc from 'fast-check';
import { speedsOfTrace } from './voltage';

test('between both thresholds it keeps its state, whatever went before', () => {
  const input = { off_V: 1, on_V: 1.5, full_V: 10 };
  const between = fc.double({ min: 1, max: 1.49, noNaN: true });
  fc.assert(
    fc.property(fc.array(between, { minLength: 1 }), (volts) => {
      expect(speedsOfTrace(input, 900, 3000, volts).every((speed) => speed === 0)).toBe(true);
      const begun = speedsOfTrace(input, 900, 3000, [2, ...volts]);
      expect(begun.slice(1).every((speed) => speed === 900)).toBe(true);
    }),
  );
});

test('speed rises with voltage from minimum to maximum and never passes them', () => {
  const input = { off_V: 1, on_V: 1.5, full_V: 10 };
  fc.assert(
    fc.property(fc.double({ min: 1.5, max: 12, noNaN: true }), (volts) => {
      const [, speed] = speedsOfTrace(input, 900, 3000, [5, volts]);
      expect(speed).toBeGreaterThanOrEqual(900);
      expect(speed).toBeLessThanOrEqual(3000);
    }),
  );
});
