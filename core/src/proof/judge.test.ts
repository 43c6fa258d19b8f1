import fc from 'fast-check';
import { fromDisplay, inWordsFor } from '../units';
import { askedFigures, lackingIn } from './asked';
import type { Ask, CheckBody, ProofCheck } from './check';
import { COUNT_LONGEST_s, countTime_s, judgeCount, tooShort } from './count';
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
const count: Extract<Ask, { kind: 'count' }> = { kind: 'count', expected_spm: 60, allowed_spm: 1 };

describe('a figure', () => {
  test('passes within its limits, both included, and not a tenth beyond', () => {
    const ok = (power_W: number) => judgeFigure(power, body({ power_W })).ok;
    expect([89.9, 90, 100, 110, 110.1].map(ok)).toEqual([false, true, true, true, false]);
  });
  test('one that nobody read proves nothing, and is not taken for nil', () => {
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

describe('a count', () => {
  test('lasts until a stroke more or less is a fifth of it at most, and nobody counts for longer than ten minutes', () => {
    expect([countTime_s(0), countTime_s(60), countTime_s(1), countTime_s(0.01)]).toEqual([
      0,
      5,
      300,
      COUNT_LONGEST_s,
    ]);
    expect(tooShort(60, 5)).toBeNull();
    expect(tooShort(60, 4)).toBe('4 s are too short to prove it: count for 5 s');
    expect(tooShort(1, 100)).toContain('count for 300 s');
  });
  test('allows for the stroke at its ends as well as for what the pump may be off by', () => {
    const ok = (strokes: number, seconds: number) => judgeCount(count, body({ strokes, seconds })).ok;
    // in ten seconds a stroke is 6 a minute, and one more is the pump’s own
    expect([8, 9, 10, 11, 12].map((strokes) => ok(strokes, 10))).toEqual([false, true, true, true, false]);
    // in a minute it is one
    expect([57, 58, 60, 62, 63].map((strokes) => ok(strokes, 60))).toEqual([false, true, true, true, false]);
  });
  test('over no time, or of no strokes that were counted, proves nothing; none counted at rest is right', () => {
    expect(judgeCount(count, body({ strokes: 10, seconds: 0 })).seen).toBe('not counted');
    expect(judgeCount(count, body({ seconds: 10 })).ok).toBe(false);
    expect(
      judgeCount({ ...count, expected_spm: 0, allowed_spm: 0 }, body({ strokes: 0, seconds: 60 })).ok,
    ).toBe(true);
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
    const pulses: Ask = { kind: 'pulses', perPulse: 1, ceiling_spm: 100 };
    expect(lacks(pulses, { pulses: 10, strokes: 10 })).toBeNull();
    expect(lacks(pulses, { pulses: 0, strokes: 10 })).toContain('must be more than 0');
    expect(lacks(pulses, { pulses: 10, strokes: -1 })).toContain('cannot be negative');
  });
  test('a count over no time, and a rate below nil, are none', () => {
    expect(lacks(count, { strokes: 0, seconds: 30 })).toBeNull();
    expect(lacks(count, { strokes: 4, seconds: 0 })).toContain('must be more than 0');
    const throttle: Ask = { kind: 'throttle', compensates: false, lossPer_bar: 0.02 };
    expect(lacks(throttle, { pressure_bar: 3, rate_spm: -1, flow_lph: 2 })).toContain('cannot be negative');
    // a vacuum is a pressure
    expect(lacks(throttle, { pressure_bar: -0.3, rate_spm: 10, flow_lph: 2 })).toBeNull();
  });
});
