import fc from 'fast-check';
import type { Dial, Parameter, SettingValue } from '../profile';
import { dialled, pressesIn } from './dial';

const setting = (more: Partial<Parameter>): Parameter =>
  ({ key: 'x', label: 'X', type: 'number', unit: '-', ...more }) as Parameter;
const said = (parameter: Parameter, from: SettingValue, to: SettingValue) =>
  dialled(parameter, from, to)?.map(({ key, times }) => `${key} ×${times}`) ?? null;

const UP_DOWN: Dial = { by: 'presses', up: '▲', down: '▼' };
const ONE_KEY: Dial = { by: 'presses', up: 'Mode', wraps: true };
const choices = (...values: string[]) => values.map((value) => ({ value, label: value }));

describe('press by press', () => {
  const minutes = setting({ least: 0, greatest: 20, step: 0.5, dial: UP_DOWN });
  test('a figure is counted in its steps, up or down', () => {
    expect(said(minutes, 8, 14)).toEqual(['▲ ×12']);
    expect(said(minutes, 14, 13.5)).toEqual(['▼ ×1']);
    expect(said(minutes, 3, 3)).toEqual([]);
  });
  test('a value between its steps cannot be counted from', () => {
    expect(said(minutes, 8.2, 14)).toBeNull();
    expect(said(setting({ step: 1 }), 1, 2)).toBeNull();
  });
  test('one key goes through the choices and begins again', () => {
    const mode = setting({ type: 'choice', options: choices('a', 'b', 'c', 'd'), dial: ONE_KEY });
    expect(said(mode, 'b', 'd')).toEqual(['Mode ×2']);
    expect(said(mode, 'd', 'b')).toEqual(['Mode ×2']);
    expect(said(mode, 'a', 'z')).toBeNull();
    const ends = { ...mode, dial: { ...ONE_KEY, wraps: undefined } };
    expect(said(ends, 'b', 'd')).toEqual(['Mode ×2']);
    expect(said(ends, 'd', 'b')).toBeNull();
  });
  test('round the end where that is nearer', () => {
    const start = setting({ type: 'time', step: 15, dial: { ...UP_DOWN, wraps: true } });
    expect(said(start, 23 * 60 + 30, 30)).toEqual(['▲ ×4']);
    expect(said(start, 30, 23 * 60 + 30)).toEqual(['▼ ×4']);
    expect(said({ ...start, dial: UP_DOWN }, 30, 23 * 60 + 30)).toEqual(['▲ ×92']);
  });
  test('the first press only shows the value where the profile says so', () => {
    const woken = { ...minutes, dial: { ...UP_DOWN, firstOnlyShows: true as const } };
    expect(said(woken, 8, 9)).toEqual(['▲ ×3']);
    expect(said(woken, 8, 8)).toEqual([]);
  });
  test('limits that hang on another setting count where it is known', () => {
    const rate = setting({
      least: { by: 'gear', values: { slow: 10, fast: 20 } },
      greatest: { by: 'gear', values: { slow: 12, fast: 30 } },
      step: 1,
      dial: { ...UP_DOWN, wraps: true },
    });
    expect(dialled(rate, 10, 12, { gear: 'slow' })?.map(({ key, times }) => `${key} ×${times}`)).toEqual([
      '▼ ×1',
    ]);
  });
});

describe('digit by digit', () => {
  const DIGITS: Dial = { by: 'digits', up: '▲', down: '▼', next: '►', digits: 4, wraps: true };
  const bar = setting({ step: 0.01, least: 0, greatest: 20, dial: DIGITS });
  test('only digits that differ are changed, each the nearer way', () => {
    expect(said(bar, 4.5, 4.75)).toEqual(['► ×2', '▲ ×2', '► ×1', '▲ ×5']);
    // 0450 to 1950: 9 is one back from 0, where a digit begins again
    expect(said(bar, 0.5, 19.5)).toEqual(['▲ ×1', '► ×1', '▼ ×1']);
    expect(said({ ...bar, dial: { ...DIGITS, wraps: undefined } }, 0.5, 9.5)).toEqual(['► ×1', '▲ ×9']);
  });
  test('a figure that its digits cannot show is not counted', () => {
    expect(said(bar, 4.5, 123)).toBeNull();
    expect(said(bar, -1, 4)).toBeNull();
    expect(said(bar, 4.5, 4.755)).toBeNull();
  });
});

/** A controller that is pressed, for figures from 0 to 40 by 1 and two digits. */
function pressed(dial: Dial, from: number, most: number, keys: readonly string[]): number {
  let [at, value] = [0, from];
  let wakes = dial.firstOnlyShows === true;
  for (const key of keys) {
    if (wakes) {
      wakes = false;
      continue;
    }
    if (dial.by === 'digits' && key === dial.next) {
      at += 1;
      continue;
    }
    const by = key === dial.up ? 1 : -1;
    if (dial.by === 'presses') {
      const next = value + by;
      value = dial.wraps ? (next + most + 1) % (most + 1) : Math.min(most, Math.max(0, next));
    } else {
      const digits = [...String(value).padStart(dial.digits, '0')].map(Number);
      const next = digits[at] + by;
      digits[at] = dial.wraps ? (next + 10) % 10 : Math.min(9, Math.max(0, next));
      value = Number(digits.join(''));
    }
  }
  return value;
}

test('pressed on a controller, the keys end at the value, and take no more presses than one key alone', () => {
  const maybe = fc.constantFrom(true as const, undefined);
  const dials = fc.record({
    digits: fc.boolean(),
    down: fc.constantFrom('▼', undefined),
    wraps: maybe,
    firstOnlyShows: maybe,
  });
  const most = 40;
  fc.assert(
    fc.property(dials, fc.nat(most), fc.nat(most), ({ digits, ...habits }, from, to) => {
      const dial: Dial = digits
        ? { by: 'digits', up: '▲', next: '►', digits: 3, ...habits }
        : { by: 'presses', up: '▲', ...habits };
      const steps = dialled(setting({ least: 0, greatest: most, step: 1, dial }), from, to);
      if (steps === null) {
        // only where no key goes back, and no value comes round again
        expect(habits.down === undefined && habits.wraps === undefined).toBe(true);
        return;
      }
      const keys = steps.flatMap(({ key, times }) => Array.from({ length: times }, () => key));
      expect(pressed(dial, from, most, keys)).toBe(to);
      expect(pressesIn(steps)).toBe(keys.length);
      if (from === to) expect(keys).toEqual([]);
      if (!digits && to > from) expect(keys.length).toBeLessThanOrEqual(to - from + 1);
    }),
  );
});
