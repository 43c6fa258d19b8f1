import { InputError } from '../../../input';
import { checkPlan } from '../checks/checks';
import { hoursOf, longestStand_min, minutesOf, pauses_min, runsOf, type Run } from '../effect/cycles';
import { savedBetween } from '../effect/between';
import { contextOf, DUTY, KEYS, LITTLE, SHARED, SMALL, SOFT, sound } from '../fixtures';
import { understand } from '../settings/understand';
import type { SpaDuty } from '../wire/duty';
import { shunnedOf, spreadCycles } from './cycles';
import { planSpa } from './plan';
import fc from 'fast-check';

const planned = (profile = KEYS, duty: SpaDuty = DUTY) => planSpa(contextOf(profile, duty));
const problems = (duty: SpaDuty, profile = KEYS) => planned(profile, duty).problems;

test('the plan of each pack is one that its own findings let be', () => {
  for (const [profile, duty] of [
    [KEYS, DUTY],
    [SOFT, SHARED],
    [SMALL, LITTLE],
  ] as const) {
    const context = contextOf(profile, duty);
    const stops = checkPlan(context, planSpa(context)).filter(({ severity }) => severity === 'stop');
    expect([profile.id, stops]).toEqual([profile.id, []]);
  }
});

test('the heater waits for jets where that is offered; another rule only where the supply carries it', () => {
  expect(planned().values.num).toBe(6);
  const any = (breaker_A: number): SpaDuty => ({
    ...DUTY,
    supply: { ...DUTY.supply, breaker_A },
    choices: { rule: 'any' },
  });
  expect(planned(KEYS, any(40)).values.num).toBe(18);
  expect(planned(KEYS, any(25)).values.num).toBe(6);
});

test('the row brings its switches and links; the set-up switch goes off', () => {
  expect(planned(SOFT, SHARED).values).toMatchObject({ no: 14, 'dip/3': 'off', br: 'on', dip: 'off' });
});

test('no row, no supply, no key: the number stays, and the plan says why', () => {
  expect(problems({ ...DUTY, ozone: SHARED.ozone })).toEqual([
    { kind: 'no-row', blocks: [], near: expect.anything() },
  ]);
  expect(planned(KEYS, { ...DUTY, ozone: SHARED.ozone }).values.num).toBeUndefined();
  expect(problems({ ...DUTY, supply: { ...DUTY.supply, breaker_A: 16 } })).toEqual([
    { kind: 'overload', least_A: 20 },
  ]);
  const three: SpaDuty = {
    ...DUTY,
    circulation: SHARED.circulation && { ...SHARED.circulation, phase: 1 },
    ozone: SHARED.ozone && { ...SHARED.ozone, phase: 1 },
    pumps: [...DUTY.pumps, { ...DUTY.pumps[1], low: null }],
  };
  expect(problems({ ...three, supply: { ...DUTY.supply, breaker_A: 40 } })).toEqual([
    { kind: 'no-key', outputs: ['pump-3'] },
  ]);
});

test('a key that drives nothing takes what has none', () => {
  const three: SpaDuty = { ...SHARED, pumps: [...SHARED.pumps, { ...SHARED.pumps[1], low: null, phase: 3 }] };
  expect(planned(SOFT, three).values).toMatchObject({ no: 18, 'fn/5': 'p3' });
});

test('never above the local limit, in the range that holds it', () => {
  const hot = planned(KEYS, { ...DUTY, wanted: { ...DUTY.wanted, temperature_C: 41 } });
  expect(hot.values).toMatchObject({ set: 40, range: 'hi' });
  const cool = planned(KEYS, { ...DUTY, wanted: { ...DUTY.wanted, temperature_C: 20 } });
  expect(cool.values).toMatchObject({ set: 20, range: 'lo' });
});

test('the display is put right by what the thermometer said, on top of what is set', () => {
  const read = (displayOff_K: number | null) =>
    planSpa(contextOf(KEYS, DUTY, { displayOff_K, inForce: { offset: 0.5 } })).values.offset;
  expect([read(1.5), read(0.2), read(null)]).toEqual([-1, 0.5, 0.5]);
});

test('a change of number enters everything again that it puts back; the same number nothing', () => {
  const { values } = planned();
  const other = { ...values, num: 3, unit: 'C', lamp: 90 };
  const again = (inForce: typeof other) =>
    planSpa(contextOf(KEYS, DUTY, { inForce }))
      .targets.filter(({ reason }) => reason.text === 'again.number')
      .map(({ key, value }) => [key, value]);
  expect(again(other)).toEqual(expect.arrayContaining([['lamp', 90]]));
  expect(again({ ...other, num: 6 })).toEqual([]);
});

test('as many hours as the turnovers need, outside quiet and dear hours, the longest stand the minimum', () => {
  const { context, values } = { context: contextOf(), values: sound(contextOf()) };
  const runs = runsOf(understand(context.profile, context.plate, values))!;
  // 40 · 1.35 m³ at 9 m³/h are 6 h
  expect(hoursOf(runs)).toBe(6);
  const { quiet, dear } = shunnedOf(DUTY);
  const shunned = minutesOf(runs).filter(
    (on, minute) => on === 1 && (quiet[minute] === 1 || dear[minute] === 1),
  );
  expect(shunned).toHaveLength(0);
});

test('clean-up runs are counted in', () => {
  const duty: SpaDuty = { ...DUTY, choices: { cleanUp_min: 60 } };
  expect(planned(KEYS, duty).values).toMatchObject({ clean: 60, long: 150 });
});

test('no start of any other is better: against every one of them', () => {
  const shape = {
    kind: 'starts',
    counts: [2],
    startStep_min: 1,
    lengthStep_min: 60,
    mostLength_min: 720,
  } as const;
  const shunned = shunnedOf(DUTY);
  const best = spreadCycles(240, shape, shunned, [])!;
  const better: Run[][] = [];
  for (let a = 0; a < 1440; a += 15)
    for (let b = a + 120; b <= a + 1440 - 120 && b < 1440; b += 15) {
      const runs: Run[] = [a, b].map((from) => ({ from, to: (from + 120) % 1440 || 1440 }));
      const on = minutesOf(runs);
      let [inQuiet, inDear] = [0, 0];
      for (let minute = 0; minute < 1440; minute++) {
        inQuiet += on[minute] & shunned.quiet[minute];
        inDear += on[minute] & shunned.dear[minute];
      }
      const score = inQuiet * 1e8 + inDear * 1e4 + Math.max(...pauses_min(runs));
      if (score < best.quiet_min * 1e8 + best.dear_min * 1e4 + best.stand_min) better.push(runs);
    }
  expect(better).toEqual([]);
});

test('a pause is as long by its ends as minute by minute', () => {
  const minute = fc.integer({ min: 0, max: 1439 });
  fc.assert(
    fc.property(fc.array(fc.tuple(minute, minute), { maxLength: 5 }), (pairs) => {
      const runs = pairs.filter(([a, b]) => a !== b).map(([from, to]) => ({ from, to }));
      expect(Math.max(...pauses_min(runs))).toBe(longestStand_min(minutesOf(runs)));
    }),
  );
});

test('cooler between bathing saves energy always, and says when to heat again', () => {
  const context = contextOf();
  const settings = understand(context.profile, context.plate, sound(context));
  const saved = savedBetween(context, settings, 30)!;
  expect(saved.lowered.kWh).toBeLessThan(saved.held.kWh);
  expect(saved.starts).toHaveLength(1);
  expect(savedBetween(context, settings, 37)).toBeNull();
});

test('a cool-down that tells no loss is a slip of the duty', () => {
  const duty: SpaDuty = {
    ...DUTY,
    tub: { ...DUTY.tub, loss: { kind: 'cool-down', from_C: 30, to_C: 30, air_C: 6, hours_h: 1 } },
  };
  expect(() => checkPlan(contextOf(KEYS, duty), planned(KEYS, duty))).toThrow(InputError);
});

test('cycles begin where the display can show it, whatever hours are quiet or dear', () => {
  for (const [kind, counts] of [
    ['starts', [1]],
    ['starts', [3]],
    ['interval', [2, 4]],
  ] as const)
    for (const startStep_min of [1, 5, 10, 20, 30, 60]) {
      const shape = { kind, counts, startStep_min, lengthStep_min: 30, mostLength_min: 720 };
      // quiet till 5:36, and dear from then on but for an odd hour
      const shunned = shunnedOf({
        quiet: [{ from: 1320, to: 336 }],
        prices: [
          { from: 0, to: 347, price: 0.2 },
          { from: 347, to: 1440, price: 0.3 },
        ],
      });
      for (const needed_min of [30, 95, 301]) {
        const { starts } = spreadCycles(needed_min, shape, shunned, [])!;
        const first = kind === 'interval' ? starts.slice(0, 1) : starts;
        expect([startStep_min, first.filter((at) => at % startStep_min !== 0)]).toEqual([startStep_min, []]);
      }
    }
});
