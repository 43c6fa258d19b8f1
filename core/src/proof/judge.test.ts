import fc from 'fast-check';
import { fromDisplay, inWordsFor } from '../units';
import { askedFigures, lackingIn } from './asked';
import type { Ask, CheckBody, ProofCheck } from './check';
import { judgeCompare, judgeFigure } from './judge';

const body = (figures: Record<string, number>, seen: string | null = null): CheckBody => ({
  check: 'c',
  seen,
  figures,
});
const check = (ask: Ask): ProofCheck => ({
  key: 'c',
  title: 'The check',
  method: 'Do it.',
  expected: 'so',
  tolerance: 'none',
  caution: null,
  pumps: false,
  ask,
});
const power: Extract<Ask, { kind: 'figure' }> = {
  kind: 'figure',
  figure: { key: 'power_W', label: 'Power', quantity: 'power' },
  least: 90,
  greatest: 110,
};
const compare: Extract<Ask, { kind: 'compare' }> = {
  kind: 'compare',
  shown: { key: 'shown_C', label: 'Shown', quantity: 'temperature' },
  reference: { key: 'reference_C', label: 'Reference', quantity: 'temperature' },
  within: 0.5,
};

describe('a figure', () => {
  test('passes within its limits, both included, and not a tenth beyond', () => {
    const ok = (power_W: number) => judgeFigure(power, body({ power_W })).ok;
    expect([89.9, 90, 100, 110, 110.1].map(ok)).toEqual([false, true, true, true, false]);
  });
  test('one that nobody read proves nothing, and is not taken for zero', () => {
    expect(judgeFigure({ ...power, least: -1, greatest: 1 }, body({}))).toMatchObject({
      ok: false,
      seen: 'not read',
    });
  });
  test('is said in the units of whoever reads', () => {
    const said = () =>
      judgeFigure({ ...power, figure: { ...power.figure, quantity: 'pressure' } }, body({ power_W: 2 })).seen;
    expect(inWordsFor('metric', said)).toMatch(/^2.*bar$/);
    expect(inWordsFor('us', said)).toMatch(/^29.*psi$/);
  });
});

describe('a comparison', () => {
  test('at its very limit it holds, whichever is the greater and whatever unit it was typed in', () => {
    const ok = (shown_C: number, reference_C: number) =>
      judgeCompare(compare, body({ shown_C, reference_C })).ok;
    // each is half a kelvin, but for the dust of a double
    for (const [a, b] of [
      [1.1, 0.6],
      [4.1, 3.6],
      [32.3, 31.8],
    ])
      expect([a, ok(a, b), ok(b, a)]).toEqual([a, true, true]);
    fc.assert(
      fc.property(fc.integer({ min: 320, max: 1200 }), (tenths) => {
        const [low, high] = [tenths / 10, tenths / 10 + 0.9].map((shown) =>
          fromDisplay('temperature', shown, 'us'),
        );
        expect([ok(low, high), ok(high, low)]).toEqual([true, true]);
        expect(ok(low, high + 0.01)).toBe(false);
      }),
    );
  });
  test('needs both of its readings', () => {
    expect(judgeCompare(compare, body({ shown_C: 20 })).ok).toBe(false);
    expect(judgeCompare(compare, body({ reference_C: 20 })).seen).toBe('not read');
  });
});

describe('what a record of a check lacks', () => {
  const lacks = (ask: Ask, figures: Record<string, number>, seen: string | null = null) =>
    lackingIn(check(ask), body(figures, seen))?.words ?? null;
  test('a state is one of those that were offered', () => {
    const state: Ask = { kind: 'state', states: [{ value: 'on', label: 'On' }], expected: 'on' };
    expect([lacks(state, {}, 'on'), lacks(state, {}, 'off'), lacks(state, {})]).toEqual([
      null,
      'The check: say what was seen.',
      'The check: say what was seen.',
    ]);
    expect(askedFigures(state)).toEqual([]);
  });
  test('each figure that it asks for, by its name; what may be left out may', () => {
    expect(lacks(power, {})).toBe('The check: enter “Power”.');
    expect(lacks(power, { power_W: NaN })).toBe('The check: enter “Power”.');
    expect(lacks(compare, { shown_C: 20 })).toBe('The check: enter “Reference”.');
  });
  test('no figure is less than it can be; what can be anything may', () => {
    const together: Ask = {
      kind: 'figures',
      figures: [
        { key: 'seconds', label: 'Over', quantity: 'seconds', least: 'more-than-0' },
        { key: 'strokes', label: 'Strokes', quantity: 'strokes', least: 'at-least-0' },
        { key: 'pressure_bar', label: 'Pressure', quantity: 'pressure', optional: true },
      ],
      judge: () => ({ ok: true, seen: '', pattern: null }),
    };
    expect(lacks(together, { seconds: 30, strokes: 0 })).toBeNull();
    expect(lacks(together, { seconds: 0, strokes: 10 })).toBe('“Over” must be more than 0.');
    expect(lacks(together, { seconds: 30, strokes: -1 })).toBe('“Strokes” cannot be negative.');
    // a vacuum is a pressure
    expect(lacks(together, { seconds: 30, strokes: 1, pressure_bar: -0.3 })).toBeNull();
  });
});
