import { fig, figureWithUnit, inWordsFor, METRIC, presentReader, readFor } from './index';

const words = () => figureWithUnit(fig('pressure', 4), presentReader());

test('words are made for whoever reads, and the reader before comes back', () => {
  expect(presentReader()).toBe(METRIC);
  expect(inWordsFor('us', words)).toBe('58.02\u00a0psi');
  expect(inWordsFor('us', () => [inWordsFor('metric', words), words()])).toEqual([
    '4\u00a0bar',
    '58.02\u00a0psi',
  ]);
  expect(words()).toBe('4\u00a0bar');
});
test('the reader before comes back after a failure too, and a promise is refused', () => {
  expect(() =>
    inWordsFor('us', () => {
      throw new Error('no');
    }),
  ).toThrow('no');
  expect(() => inWordsFor('us', () => Promise.resolve())).toThrow('in one go');
  expect(words()).toBe('4\u00a0bar');
});
test('a device has one reader', () => {
  readFor('both');
  expect(words()).toBe('4\u00a0bar (58.02\u00a0psi)');
  readFor('metric');
  expect(words()).toBe('4\u00a0bar');
});
