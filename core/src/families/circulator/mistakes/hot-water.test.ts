import fc from 'fast-check';
import { benchSheet, plainDay } from '../bench/bench';
import { flowForReturn_m3h, pauseOf_min, returnAt_C } from '../effect/hot-water';
import { contextOf, HOT, RETURN, sound, texts, wordsOf } from '../fixtures';
import { pumpOf } from '../effect/pump';
import { planCirculator } from '../plan/plan';
import { modesOffered } from '../plan/propose';
import { circulatorDutySchema, type CirculatorDuty } from '../wire/duty';

const hot = (change: Partial<CirculatorDuty> = {}) => contextOf(RETURN, { ...HOT, ...change });
const allowed = (change: Partial<NonNullable<CirculatorDuty['hotWater']>>) =>
  hot({ hotWater: { ...HOT.hotWater!, ...change } });
const run = (context: ReturnType<typeof hot>, change = {}) =>
  benchSheet(context, { ...sound(context), ...change }, plainDay()).sums;
const BY_CLOCK = { choices: { mode: 'clock' } } as const;
const BY_PROBE = { choices: { mode: 'temperature' } } as const;

test('a fixed speed is proposed; by clock and by probe the plan stays within what is allowed', () => {
  expect(planCirculator(hot()).settings.mode).toBe('fixed');
  for (const choices of [{}, BY_CLOCK.choices, BY_PROBE.choices])
    expect(texts(hot({ choices }), {}, 'target')).toEqual([]);
  // where it may not stand at all a clock is not planned, whoever chose it
  const never = hot({ ...BY_CLOCK, hotWater: { ...HOT.hotWater!, longestPause_min: 0 } });
  expect(planCirculator(never).settings.mode).toBe('fixed');
});

test.each([
  [120, 300, 180],
  [125, 300, 180],
  [360, 300, 1380],
  [1440, 300, 310],
])('allowed %i min of standing, the clock of the plan runs from %i to %i', (longestPause_min, from, to) => {
  const context = hot({ ...BY_CLOCK, hotWater: { ...HOT.hotWater!, longestPause_min } });
  expect(sound(context)).toMatchObject({ from, to });
  expect(texts(context, {}, 'target')).toEqual([]);
});

test('a pause shorter than a step of its clock is none: it runs all day', () => {
  const context = hot({ ...BY_CLOCK, hotWater: { ...HOT.hotWater!, longestPause_min: 7 } });
  expect(planCirculator(context).settings.mode).toBe('fixed');
});

test('by its clock it takes less by the share that it may stand; where it may not, the clock is not offered', () => {
  const year = (context: ReturnType<typeof hot>) =>
    Object.fromEntries(
      modesOffered(context, pumpOf(context.duty)).map(({ mode, energy_kWh }) => [mode, energy_kWh[1]]),
    );
  const { fixed, clock } = year(hot());
  expect(clock / fixed).toBeCloseTo(22 / 24, 9);
  expect(year(allowed({ longestPause_min: 0 }))).not.toHaveProperty('clock');
});

test('the flow for the coolest return brings it back at just that', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 5, max: 400, noNaN: true }),
      fc.double({ min: 2, max: 30, noNaN: true }),
      (pipe_m, loss_Wm) => {
        const hotWater = { ...HOT.hotWater!, pipe_m, loss_Wm };
        expect(returnAt_C(hotWater, flowForReturn_m3h(hotWater))).toBeCloseTo(hotWater.coolest_C, 6);
      },
    ),
  );
});

describe('CIR-19 a return too cool', () => {
  test('mistake: a pipe that loses more than the flow carries, with the flow that would; near miss: a better lagged one', () => {
    expect(texts(allowed({ loss_Wm: 30 }), { speed: 60 })).toContain('CIR-19.cool');
    expect(wordsOf(allowed({ loss_Wm: 30 }), { speed: 60 }, 'CIR-19.cool')).toContain(
      'is the coolest that is allowed',
    );
    expect(texts(allowed({ loss_Wm: 8 }))).not.toContain('CIR-19.cool');
  });
  test('mistake: the probe is set under the limit; near miss: at it', () => {
    expect(texts(hot(BY_PROBE), { probe: 54 })).toContain('CIR-19.set');
    expect(texts(hot(BY_PROBE), { probe: 55 })).not.toContain('CIR-19.set');
    // its figure does not count while it runs all the time
    expect(texts(hot(), { probe: 45 })).not.toContain('CIR-19.set');
  });
  test('mistake: the clock lets it stand longer than is allowed; near miss: as long as that', () => {
    const night = (to: number) => ({
      mode: 'clock',
      from: 360,
      to: to,
      'from/2': 0,
      'to/2': 0,
      'from/3': 0,
      'to/3': 0,
    });
    expect(texts(hot(BY_CLOCK), night(230))).toContain('CIR-19.pause');
    expect(texts(hot(BY_CLOCK), night(240))).not.toContain('CIR-19.pause');
    expect(texts(hot(), { from: 360, to: 600 })).not.toContain('CIR-19.pause');
  });
  test('on the bench: a night of standing is cool for hours, the plan never', () => {
    expect(run(hot()).cool_h).toBe(0);
    const night = { from: 360, to: 1320, 'from/2': 0, 'to/2': 0, 'from/3': 0, 'to/3': 0 };
    expect(run(hot(BY_CLOCK), night).cool_h).toBeGreaterThan(5);
    expect(run(hot(BY_PROBE), { probe: 45 }).cool_h).toBeGreaterThan(1);
    expect(run(hot(BY_PROBE)).cool_h).toBe(0);
  });
  test('on the bench: by its probe it stands in between where a cooler return is allowed, and takes less', () => {
    const hotWater = { ...HOT.hotWater!, coolest_C: 50 };
    const byProbe = run(hot({ ...BY_PROBE, hotWater }));
    expect(byProbe.cool_h).toBe(0);
    expect(byProbe.starts).toBeGreaterThan(3);
    expect(byProbe.kWh).toBeLessThan(run(hot({ hotWater })).kWh!);
  });
});

test.each([
  [[], 1440],
  [[{ from: 360, to: 1320 }], 480],
  [[{ from: 1320, to: 360 }], 960],
  [
    [
      { from: 360, to: 600 },
      { from: 660, to: 360 },
    ],
    60,
  ],
] as const)('the longest pause of %j is %i min', (runs, pause) => {
  expect(pauseOf_min(runs)).toBe(pause);
});

test.each([
  [{ hotWater: null }, 'hotWater.pipe_m', 'needs its pipe'],
  [{ hotWater: { ...HOT.hotWater!, coolest_C: 60 } }, 'hotWater.coolest_C', 'cannot be as warm'],
  [{ difference_K: 8 }, 'difference_K', '5 K at most'],
])('%j is refused in words at its place', (change, path, words) => {
  const parsed = circulatorDutySchema.safeParse({ ...HOT, ...change });
  expect(parsed.error?.issues.find((one) => one.path.join('.') === path)?.message).toContain(words);
});
