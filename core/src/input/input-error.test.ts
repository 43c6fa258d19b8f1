import { openEnded } from '../findings';
import { InputError, orElse, requireFinite, requireNotNegative, requirePositive } from './index';

const NO_FIGURES = [NaN, Infinity, -Infinity];

describe('what cannot be computed with is said at its field', () => {
  const said = (work: () => unknown): InputError => {
    try {
      work();
    } catch (error) {
      if (error instanceof InputError) return error;
      throw error;
    }
    throw new Error('It was computed with.');
  };
  test('a figure above zero, and no other', () => {
    expect([1e-9, 1, 1e9].map((value) => requirePositive('flow', value, 'The flow'))).toEqual([1e-9, 1, 1e9]);
    for (const value of [0, -1e-9, ...NO_FIGURES]) {
      const { field, message, name } = said(() => requirePositive('flow', value, 'The flow'));
      expect([field, message, name]).toEqual(['flow', 'The flow must be more than 0.', 'InputError']);
    }
  });
  test('a figure from zero up', () => {
    expect(requireNotNegative('head', 0, 'The head')).toBe(0);
    for (const value of [-1e-9, ...NO_FIGURES])
      expect(said(() => requireNotNegative('head', value, 'The head')).message).toBe(
        'The head must be 0 or more.',
      );
  });
  test('any figure that is one', () => {
    expect(requireFinite('offset', -273, 'The offset')).toBe(-273);
    for (const value of NO_FIGURES)
      expect(said(() => requireFinite('offset', value, 'The offset')).message).toBe(
        'The offset must be a number.',
      );
  });
});

describe('what is answered where it cannot be computed', () => {
  test('is something else, only then', () => {
    expect(orElse(() => 7, 0)).toBe(7);
    expect(orElse(() => requirePositive('flow', -7, 'The flow'), 0)).toBe(0);
    // what is nil, empty or false was computed
    expect([
      orElse<unknown>(() => 0, 1),
      orElse<unknown>(() => '', 1),
      orElse<unknown>(() => null, 1),
    ]).toEqual([0, '', null]);
  });
  test('a fault of ours is not taken for a person’s', () => {
    const ours = () => {
      throw new TypeError('Cannot read properties of undefined.');
    };
    expect(() => orElse(ours, 0)).toThrow(TypeError);
  });
});

test('words within a sentence bring no full stop of their own, and lose nothing else', () => {
  expect(['Any fault.', 'Any fault', 'Any fault . ', 'P 0.5', '…', ''].map(openEnded)).toEqual([
    'Any fault',
    'Any fault',
    'Any fault',
    'P 0.5',
    '…',
    '',
  ]);
});
