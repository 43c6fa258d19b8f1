import fc from 'fast-check';
import { hasOneTooMany, heldFor_s, wantsNext } from './cascade';
import { ramped } from './ramp';

test('a ramp goes no faster than it may, and ends where it is required', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 60, noNaN: true }),
      fc.double({ min: 0, max: 60, noNaN: true }),
      (now, wanted) => {
        const next = ramped(now, wanted, 10, 5, 0.1);
        return (
          next - now <= 1 + 1e-9 &&
          now - next <= 0.5 + 1e-9 &&
          Math.abs(wanted - next) <= Math.abs(wanted - now)
        );
      },
    ),
  );
});

test('the next one: the lead at its maximum and the pressure short; one too many: below its off frequency', () => {
  expect(wantsNext(50, 50, 3.3, 3.7, 0.3)).toBe(true);
  expect(wantsNext(48, 50, 3.3, 3.7, 0.3)).toBe(false);
  expect(wantsNext(50, 50, 3.5, 3.7, 0.3)).toBe(false);
  expect(hasOneTooMany(34, 35)).toBe(true);
  expect(hasOneTooMany(35, 35)).toBe(false);
  expect(hasOneTooMany(34, NaN)).toBe(false);
});

test('held for counts on while it holds, and begins again', () => {
  expect(heldFor_s(heldFor_s(0, true, 0.1), true, 0.1)).toBeCloseTo(0.2, 12);
  expect(heldFor_s(4, false, 0.1)).toBe(0);
});
