import { keyAt, type SettingValues } from '../../../profile';
import { DAY_MIN, EVERY_DAY, WEEK_MIN } from '../../../time';
import { contextOf, LINK, PANEL, sound, TEN_SLOTS } from '../fixtures';
import type { PoolProfile } from '../wire/job';
import { understand } from '../settings/understand';
import {
  causesOfDay,
  heldBy,
  longestPause_min,
  poolStrip,
  primes_min,
  sameRunning,
  speedsOfDay_rpm,
  trueWeek,
  weekSums,
} from './week';

/** Only these programs, in the slots that are no keys; priming as said. */
function holding(
  programs: readonly Record<string, string | number>[],
  rest: SettingValues = { primeMode: 'off' },
): SettingValues {
  const off = Array.from({ length: 10 }, (_, i) => [keyAt('enable', i + 1), 'off']);
  const on = programs.flatMap((program, i) =>
    Object.entries({ days: EVERY_DAY, enable: 'on', ...program }).map(([key, value]) => [
      keyAt(key, i + 5),
      value,
    ]),
  );
  return { ...sound(contextOf()), ...Object.fromEntries([...off, ...on]), ...rest };
}
const read = (values: SettingValues, profile: PoolProfile = TEN_SLOTS) =>
  understand(profile, contextOf(profile).plate, values);
const weekOf = (values: SettingValues, clockAhead_min = 0) =>
  trueWeek(contextOf(TEN_SLOTS, undefined, { clockAhead_min }), read(values));
const DAYTIME = { start: 420, stop: 1020, speed: 1500 };

describe('what holds the programs off', () => {
  const context = contextOf();
  test('a hold always; manual where programs need automatic; another master', () => {
    expect(heldBy(context, read(holding([DAYTIME], { state: 'hold' })))).toBe('hold');
    expect(heldBy(context, read(holding([DAYTIME], { state: 'hand' })))).toBe('manual');
    expect(heldBy(contextOf(LINK), read({ source: 'relay' }, LINK))).toBe('relay');
    expect(heldBy(contextOf(LINK), read({ source: 'link' }, LINK))).toBe('link');
  });
  test('manual does not, on a controller whose programs run in any state', () => {
    const any = {
      ...TEN_SLOTS,
      behaviours: {
        ...TEN_SLOTS.behaviours,
        programs: { ...TEN_SLOTS.behaviours.programs, needsAutomatic: false },
      },
    };
    expect(heldBy(contextOf(any), read({ state: 'hand' }, any))).toBeNull();
    expect(heldBy(context, read(holding([DAYTIME])))).toBeNull();
  });
  test('a week that is held rests from end to end', () => {
    const week = weekOf(holding([DAYTIME], { state: 'hold' }));
    expect(week).toEqual([expect.objectContaining({ from: 0, to: WEEK_MIN, cause: 'rest', speed_rpm: 0 })]);
    expect(longestPause_min(week)).toBe(WEEK_MIN);
  });
});

describe('primes', () => {
  test('sensed: about a minute and the hold; fixed: its time and the hold; off: none', () => {
    const prime = (primeMode: string) =>
      primes_min(read(holding([], { primeMode, primeTime: 8, primeHold: 2 })));
    expect(prime('sense')).toBe(3);
    expect(prime('fixed')).toBe(10);
    expect(prime('off')).toBe(0);
  });
  test('one at each start from rest, none where one program follows another', () => {
    const fixed = { primeMode: 'fixed', primeTime: 5, primeHold: 0 };
    const primesOf = (programs: readonly Record<string, string | number>[]) =>
      weekOf(holding(programs, fixed)).filter(({ cause }) => cause === 'prime');
    expect(primesOf([DAYTIME])).toHaveLength(7);
    expect(primesOf([DAYTIME, { start: 1020, stop: 1200, speed: 1200 }])).toHaveLength(7);
    expect(primesOf([DAYTIME, { start: 1080, stop: 1200, speed: 1200 }])).toHaveLength(14);
    expect(primesOf([DAYTIME]).every(({ from, to }) => to - from === 5)).toBe(true);
  });
  test('a pump that never rests does not prime', () => {
    const all = weekOf(
      holding(
        [
          { start: 0, stop: 720, speed: 1200 },
          { start: 720, stop: 0, speed: 1200 },
        ],
        { primeMode: 'fixed', primeTime: 5, primeHold: 0 },
      ),
    );
    expect(all.every(({ cause }) => cause === 'program')).toBe(true);
  });
});

test('a clock that is off moves the whole day, over midnight too', () => {
  const starts = (ahead: number) =>
    weekOf(holding([{ start: 30, stop: 55, speed: 1500 }]), ahead)
      .filter(({ speed_rpm }) => speed_rpm > 0)
      .map(({ from }) => from % DAY_MIN);
  expect(new Set(starts(0))).toEqual(new Set([30]));
  // an hour ahead: it starts an hour too early by true time, on the evening before
  expect(new Set(starts(60))).toEqual(new Set([1410]));
  expect(new Set(starts(-60))).toEqual(new Set([90]));
});

test('every minute has one outcome, and sums of days make the week', () => {
  const values = holding([DAYTIME, { start: 600, stop: 660, speed: 2200 }]);
  const week = weekOf(values);
  expect(week[0].from).toBe(0);
  expect(week[week.length - 1].to).toBe(WEEK_MIN);
  week.slice(1).forEach(({ from }, i) => expect(from).toBe(week[i].to));
  const context = contextOf();
  const sums = weekSums(context, week);
  expect(sums.runHours).toBeCloseTo(70, 9);
  expect(sums.daily_m3).toHaveLength(7);
  expect(new Set(sums.daily_m3.map((m3) => m3.toFixed(6))).size).toBe(1);
  expect(sums.longestPause_min).toBe(14 * 60);
  expect(sums.leastFlow_m3h).toBe(0);
});

describe('the same week', () => {
  const whole = weekOf(holding([DAYTIME]));
  test('cut into more programs, or primed otherwise, it is the same', () => {
    const cut = weekOf(
      holding([
        { ...DAYTIME, stop: 700 },
        { ...DAYTIME, start: 700 },
      ]),
    );
    expect(sameRunning(whole, cut)).toBe(true);
    expect(sameRunning(whole, weekOf(holding([DAYTIME], { primeMode: 'fixed', primeTime: 5 })))).toBe(true);
    expect(sameRunning([], [])).toBe(true);
  });
  test('another speed, time, day, clock or state is another week', () => {
    const others = [
      holding([{ ...DAYTIME, speed: 1510 }]),
      holding([{ ...DAYTIME, stop: 1021 }]),
      holding([{ ...DAYTIME, days: '123456' }]),
      holding([DAYTIME], { state: 'hold', primeMode: 'off' }),
    ];
    for (const values of others) expect(sameRunning(whole, weekOf(values))).toBe(false);
    expect(sameRunning(whole, weekOf(holding([DAYTIME]), 7))).toBe(false);
  });
  test('another circuit at the same speed is another week', () => {
    const panel = (circuit: string) =>
      trueWeek(
        contextOf(PANEL),
        read(
          {
            state: 'auto',
            circuit,
            days: EVERY_DAY,
            start: 420,
            stop: 1020,
            circuitSpeed: 1500,
            'circuitSpeed/3': 1500,
          },
          PANEL,
        ),
      );
    expect(sameRunning(panel('c1'), panel('c1'))).toBe(true);
    expect(sameRunning(panel('c1'), panel('c3'))).toBe(false);
  });
});

describe('one day as a strip', () => {
  test('96 quarters, the maximum speed of each, with what made it run', () => {
    const week = weekOf(
      holding([DAYTIME], { primeMode: 'fixed', primeTime: 10, primeSpeed: 2500, limit: 3000 }),
    );
    const speeds = speedsOfDay_rpm(week, 2);
    expect(speeds).toHaveLength(96);
    expect([speeds[27], speeds[28], speeds[29], speeds[67], speeds[68]]).toEqual([0, 2500, 1500, 1500, 0]);
    const causes = causesOfDay(week, 2);
    expect([causes[28], causes[29]]).toEqual(['prime', 'program']);
  });
  test('none while the week is not known whole, or holds no program', () => {
    const strip = (values: SettingValues) =>
      poolStrip(contextOf(TEN_SLOTS, undefined, { inForce: values }), 0);
    expect(strip(holding([DAYTIME]))).toMatchObject({ unit: 'rev/min', greatest: 3260 });
    expect(strip({ 'start/5': 420 })).toBeNull();
  });
});
