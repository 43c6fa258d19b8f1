import fc from 'fast-check';
import {
  INTERNAL_UNIT,
  joinTyped,
  METRIC,
  parseFigure,
  splitTyped,
  typedInOwn,
  typedInWords,
  unitsOf,
  type Quantity,
  type Reader,
} from './index';

const US: Reader = { ...METRIC, system: 'us' };
const QUANTITIES = Object.keys(INTERNAL_UNIT) as Quantity[];

test.each([
  ['30', 'pumpFlow', 'metric', { digits: '30', unit: 'L/h' }],
  ['8 gal/h', 'pumpFlow', 'metric', { digits: '8', unit: 'gal/h' }],
  ['8 gal/h', 'pumpFlow', 'us', { digits: '8', unit: 'gal/h' }],
  // what a metric reader wrote, shown to another
  ['30', 'pumpFlow', 'us', { digits: '7.925', unit: 'gal/h' }],
  ['26', 'temperature', 'us', { digits: '78.8', unit: '°F' }],
  ['26', 'dose', 'us', { digits: '26', unit: 'mg/L' }],
  ['', 'pressure', 'us', { digits: '', unit: 'psi' }],
  ['soon', 'pressure', 'us', { digits: 'soon', unit: 'psi' }],
] as const)('“%s” of %s, read in %s units', (text, q, system, shown) => {
  expect(splitTyped(text, q, system)).toEqual(shown);
});

test('what is typed in a unit is understood in it, in every unit that is offered', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...QUANTITIES),
      fc.integer({ min: 1, max: 99_999 }),
      fc.boolean(),
      (q, value, us) => {
        for (const unit of unitsOf(q)) {
          const text = joinTyped(String(value), unit, q);
          expect(splitTyped(text, q, 'metric')).toEqual({ digits: String(value), unit });
          expect(parseFigure(text, q, 'metric').ok).toBe(true);
          // nothing is changed by being looked at in other units
          const seen = splitTyped(text, q, us ? 'us' : 'metric');
          const again = joinTyped(seen.digits, seen.unit, q);
          const [was, is] = [parseFigure(text, q), parseFigure(again, q)];
          expect(was.ok && is.ok && Math.abs(is.value - was.value) <= Math.abs(was.value) * 1e-3).toBe(true);
        }
      },
    ),
  );
});

test('what was pasted with a unit of its own is kept; nothing typed has no unit', () => {
  expect(joinTyped('40 psi', 'bar', 'pressure')).toBe('40 psi');
  expect(joinTyped('', 'psi', 'pressure')).toBe('');
  expect(joinTyped('-', 'ft', 'length')).toBe('- ft');
  expect(splitTyped('- ft', 'length', 'us')).toEqual({ digits: '-', unit: 'ft' });
});

test('beside what is typed stands what it is in the reader’s own units, and nothing where it is that already', () => {
  expect(typedInOwn('8 gal/h', 'pumpFlow', METRIC)).toBe('30.28\u00a0L/h');
  expect(typedInOwn('8 gal/h', 'pumpFlow', US)).toBeNull();
  expect(typedInOwn('30', 'pumpFlow', US)).toBeNull();
  expect(typedInOwn('4', 'pressure', { ...METRIC, also: 'us' })).toBe('58.02\u00a0psi');
  expect(typedInOwn('soon', 'pressure', { ...METRIC, also: 'us' })).toBeNull();
  expect(typedInWords('8 gal/h', 'pumpFlow', METRIC)).toBe('30.28\u00a0L/h');
  expect(typedInWords('soon', 'pumpFlow', METRIC)).toBe('soon');
});
