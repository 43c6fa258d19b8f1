import fc from 'fast-check';
import { freeAddress, repeatedAddresses } from './addresses';

test('the first free address is one that nobody has, within its protocol', () => {
  expect(freeAddress([1, 2, 4], 1, 10)).toBe(3);
  expect(freeAddress([], 5, 9)).toBe(5);
  expect(freeAddress([5, 6], 5, 6)).toBeNull();
  fc.assert(
    fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 40 })), (taken) => {
      const free = freeAddress(taken, 3, 30);
      return free === null
        ? taken.filter((one) => one >= 3 && one <= 30).length === 28
        : !taken.includes(free);
    }),
  );
});

test('what stands twice is named once', () => {
  expect(repeatedAddresses([1, 2, 1, 3, 1, 2])).toEqual([1, 2]);
  expect(repeatedAddresses([1, 2, 3])).toEqual([]);
});
