import type { DriveDuty } from '../wire/duty';
import { BOX, contextOf, DUTY, ONE, PLATE, SET, sound, texts, wordsOf, WHEEL } from '../fixtures';
import { benchSheet, plainDay } from '../bench/bench';
import { checkPlan } from '../checks/checks';
import { planDrive } from '../plan/plan';
import { proofChecks } from '../proof/checks';
import { understand } from '../settings/understand';
import type { DriveProfile } from '../wire/job';

/** The same controller with its pressures in another unit. */
function inUnit(profile: DriveProfile, unit: 'kPa' | 'psi', step: number): DriveProfile {
  const per = unit === 'kPa' ? 100 : 14.5038;
  const scaled = (value: unknown) => (typeof value === 'number' ? Math.round(value * per) : value);
  return {
    ...profile,
    parameters: profile.parameters.map((parameter) =>
      parameter.unit === 'bar'
        ? {
            ...parameter,
            unit,
            step,
            least: scaled(parameter.least) as number,
            greatest: scaled(parameter.greatest) as number,
          }
        : parameter,
    ),
  };
}
const targets = (context: ReturnType<typeof contextOf>) =>
  Object.fromEntries(planDrive(context).targets.map(({ role, value }) => [role, value]));
const planTexts = (context: ReturnType<typeof contextOf>) =>
  checkPlan(context, planDrive(context)).map(({ text }) => text);
const one = (more: Partial<DriveDuty>): DriveDuty => ({ ...ONE, ...more });

describe('steps in the controller’s own unit', () => {
  test.each([
    ['kPa', 10],
    ['psi', 1],
  ] as const)('%s: cut-in and run-dry threshold are those of bar', (unit, step) => {
    const own = understand(WHEEL, PLATE, sound(contextOf(WHEEL, ONE)));
    const profile = inUnit(WHEEL, unit, step);
    const other = understand(profile, PLATE, sound(contextOf(profile, ONE)));
    expect(Math.abs(other.cutIn_bar! - own.cutIn_bar!)).toBeLessThanOrEqual(0.1);
    expect(Math.abs(other.dry.threshold_bar! - own.dry.threshold_bar!)).toBeLessThanOrEqual(0.1);
    const found = planTexts(contextOf(profile, ONE));
    for (const text of ['DRV-10', 'DRV-08.low', 'DRV-01']) expect(found).not.toContain(text);
  });
  test('DRV-01: a label that the display cannot show to the digit is right; one step on is not', () => {
    const profile = inUnit(WHEEL, 'psi', 5);
    const context = contextOf(profile, ONE);
    expect(texts(context)).not.toContain('DRV-01');
    const range = sound(context).range as number;
    expect(texts(context, { range: range + 5 })).toContain('DRV-01');
    expect(texts(context, { range: range - 5 })).toContain('DRV-01');
  });
});

describe('DRV-09, whatever is held', () => {
  const tight = { ...ONE.rating, lowest_bar: 4, relief_bar: null };
  test.each([
    ['a speed', one({ holds: { kind: 'speed', set_hz: 50 }, rating: tight })],
    ['a signal', one({ holds: { kind: 'signal', least_hz: 30, most_hz: 50 }, rating: tight })],
    [
      'a difference',
      one({
        holds: { kind: 'difference', set_bar: 1 },
        inlet: { least_bar: 2, greatest_bar: 2 },
        rating: { ...tight, lowest_bar: 5 },
      }),
    ],
    ['a pressure', one({ rating: tight })],
  ])('mistake: holding %s, its maximum frequency passes the rating; near miss: as planned', (_, duty) => {
    const context = contextOf(WHEEL, duty);
    expect(texts(context, { fmax: 60 })).toContain('DRV-09');
    expect(texts(context)).not.toContain('DRV-09');
  });
  test('mistake: the inlet alone has more than the rating', () => {
    const duty = one({
      inlet: { least_bar: 3.5, greatest_bar: 4.2 },
      rating: tight,
      holds: { kind: 'speed', set_hz: 40 },
    });
    expect(texts(contextOf(WHEEL, duty))).toContain('DRV-09');
  });
  test('mistake: more is set than the rating; near miss: at it. No larger pump is asked for', () => {
    const context = contextOf(WHEEL, one({ rating: { lowest_bar: 3, relief_bar: null } }));
    expect(texts(context)).toContain('DRV-09.set');
    expect(texts(context).filter((text) => text.startsWith('DRV-13'))).toEqual(
      ['DRV-13.set'].filter(() => false),
    );
    const fits = contextOf(WHEEL, one({ rating: { lowest_bar: 4, relief_bar: 4 } }));
    const top = (by: number) => ({ p1: Number((4 - (sound(fits).boost as number) + by).toFixed(1)) });
    expect(texts(fits, top(0))).not.toContain('DRV-09.set');
    expect(texts(fits, top(0.1))).toContain('DRV-09.set');
  });
  test('a relief valve under the rating is counted by plan and check alike; one that blows all day is said', () => {
    const relieved = contextOf(WHEEL, one({ rating: { lowest_bar: 5, relief_bar: 4.8 } }));
    expect(targets(relieved)['frequency.greatest']).toBe(50);
    expect(texts(relieved)).not.toContain('DRV-09');
    expect(texts(contextOf(WHEEL, one({ rating: { lowest_bar: 5, relief_bar: 3.5 } })))).toContain(
      'DRV-09.relief',
    );
    expect(texts(relieved)).not.toContain('DRV-09.relief');
  });
});

describe('DRV-14 and the plate', () => {
  test('the maximum frequency of the plan is within the plate, and one more step is not', () => {
    const context = contextOf(WHEEL, ONE, { plate: { ...PLATE, rated_W: 1000 } });
    const most = targets(context)['frequency.greatest'] as number;
    expect(most).toBeLessThan(50);
    expect(texts(context)).not.toContain('DRV-14.plate');
    expect(texts(context, { fmax: most + 0.5 })).toContain('DRV-14.plate');
  });
  test('mistake: a stated speed under what bearings stand; near miss: at it', () => {
    const slow = contextOf(WHEEL, one({ holds: { kind: 'speed', set_hz: 42 } }));
    const least = ONE.pump.least_hz;
    expect(texts(slow, { hz: least - 0.5 })).toContain('DRV-14.least');
    expect(texts(slow, { hz: least })).not.toContain('DRV-14.least');
    expect(planTexts(contextOf(WHEEL, one({ holds: { kind: 'speed', set_hz: least - 5 } })))).toContain(
      'DRV-14.speed',
    );
  });
  test('ramp down: one step too short, and as it may be', () => {
    const { ramp_s } = ONE.pump;
    expect(texts(contextOf(WHEEL, ONE), { down: ramp_s - 0.5 })).toContain('DRV-14.ramp-down');
    expect(texts(contextOf(WHEEL, ONE), { down: ramp_s })).not.toContain('DRV-14.ramp-down');
  });
});

describe('a signal has one span', () => {
  const duty = one({ holds: { kind: 'signal', least_hz: 30, most_hz: 45 } });
  test('in plan, proof and bench', () => {
    const context = contextOf(WHEEL, duty);
    expect(targets(context)).toMatchObject({ 'frequency.least': 30, 'frequency.greatest': 45 });
    const settings = understand(WHEEL, PLATE, sound(context));
    const proof = proofChecks(context, settings).find(({ key }) => key === 'signal-ends')!;
    expect(proof.expected).toBe('30\u00a0Hz and 45\u00a0Hz');
    // a set frequency of another mode says nothing
    const run = benchSheet(
      context,
      { ...sound(context), hz: 40 },
      { ...plainDay(context), water: { every_s: 60, flows_m3h: [ONE.draw.greatest_m3h] } },
    );
    expect(Math.max(...run.traces.find(({ key }) => key === 'f1')!.mean)).toBeCloseTo(45, 1);
  });
  test('mistake: it asks for less than the pump may turn with; near miss: at that', () => {
    const asked = (least_hz: number) =>
      planTexts(contextOf(WHEEL, one({ holds: { kind: 'signal', least_hz, most_hz: 45 } })));
    expect(asked(ONE.pump.least_hz - 1)).toContain('DRV-14.signal');
    expect(asked(ONE.pump.least_hz)).not.toContain('DRV-14.signal');
  });
});

describe('what it is, and what it holds', () => {
  test('mistake: it holds a speed where a pressure is asked for; near miss: a pressure', () => {
    expect(texts(contextOf(WHEEL, ONE), { kind: 'n' })).toContain('DRV-00.holds');
    expect(texts(contextOf(WHEEL, ONE))).not.toContain('DRV-00.holds');
  });
  test('a duty that this controller cannot hold is told', () => {
    expect(planTexts(contextOf(BOX, one({ holds: { kind: 'speed', set_hz: 40 } })))).toContain(
      'DRV-00.cannot',
    );
  });
  test('mistake: a sensor of the other kind, its zero shifted, set past its range; near misses one step off', () => {
    const context = contextOf(WHEEL, ONE);
    expect(texts(context, { sense: 'diff' })).toContain('DRV-01.kind');
    expect(texts(context, { zero: 4.21 })).toContain('DRV-01.shift');
    expect(texts(context, { zero: 4.2 })).not.toContain('DRV-01.shift');
    const label = ONE.sensor!.range_bar;
    expect(texts(context, { p1: label, boost: 0 })).toContain('DRV-01.over');
    expect(texts(context, { p1: label - 0.1, boost: 0 })).not.toContain('DRV-01.over');
  });
  test('mistake: the low-water threshold is zero; near miss: one step above', () => {
    expect(texts(contextOf(WHEEL, ONE), { plow: 0 })).toContain('DRV-05.nil');
    expect(texts(contextOf(WHEEL, ONE), { plow: 0.1 })).not.toContain('DRV-05.nil');
  });
  test('mistake: retries after running dry where a start surprises; near miss: none', () => {
    const context = contextOf(WHEEL, one({ surprise: 'a hose' }));
    expect(texts(context, { tries: 1 })).toContain('DRV-07.retries');
    expect(texts(context)).not.toContain('DRV-07.retries');
  });
  test('mistake: a stop frequency above the maximum one; near miss: at it', () => {
    const context = contextOf(WHEEL, ONE);
    expect(texts(context, { fs: 50.1 })).toContain('DRV-04.above');
    expect(texts(context, { fs: 50 })).not.toContain('DRV-04.above');
  });
});

describe('cut-in', () => {
  test.each([0, 0.02, 0.5])(
    'with %s bar lost in the pipe it is above what the taps need, and below what is held',
    (pipe_bar) => {
      for (const lift of [false, true]) {
        const holds = { kind: 'pressure', tap_bar: 2, above_m: 12, pipe_bar } as const;
        const context = contextOf(WHEEL, one({ holds, choices: { lift } }));
        const found = planTexts(context);
        expect(found).not.toContain('DRV-08.low');
        expect(found).not.toContain('DRV-08');
      }
    },
  );
  test('mistake: at the set pressure, though it fills a little further; near miss: a step under it', () => {
    const context = contextOf(WHEEL, ONE);
    const { p1 } = sound(context) as { p1: number };
    expect(texts(context, { cut: p1 })).toContain('DRV-08');
    expect(texts(context, { cut: Number((p1 - 0.1).toFixed(1)) })).not.toContain('DRV-08');
  });
  test('an inlet that alone has what is held is told: no frequency stops it', () => {
    expect(planTexts(contextOf(SET, { ...DUTY, inlet: { least_bar: 1, greatest_bar: 4 } }))).toContain(
      'DRV-12.inlet',
    );
  });
});

describe('the delay of the run-dry protection', () => {
  test('is never rounded past what the seal stands', () => {
    for (const main_L of [20, 60, 100, 130, 180])
      for (const dry_s of [12, 18, 24, 45])
        for (const profile of [WHEEL, BOX]) {
          const context = contextOf(profile, one({ main_L, pump: { ...ONE.pump, dry_s } }));
          const { dry } = understand(profile, PLATE, sound(context));
          const found = planTexts(context);
          if (dry.delay_s !== null && dry.delay_s >= dry_s) expect(found).toContain('PRO-04');
          else expect(found).not.toContain('DRV-05.late');
        }
  });
});

describe('a cascade', () => {
  const worst = (context: ReturnType<typeof contextOf>, draw: number, events: readonly object[] = []) =>
    benchSheet(context, sound(context), {
      ...plainDay(context),
      water: { every_s: 3600, flows_m3h: [draw] },
      events: events as never,
    }).sums.starts_h;
  test.each(['one-varies', 'all-vary'] as const)(
    '%s: no steady draw makes the next pump start and stop',
    (sharing) => {
      const duty: DriveDuty = { ...DUTY, inlet: { least_bar: 0.2, greatest_bar: 1 }, choices: { sharing } };
      const context = contextOf(SET, duty);
      const high = [{ kind: 'inlet-high', at_s: 0, until_s: 86_400, amount: null }];
      for (const draw of [4.2, 6]) {
        expect([draw, worst(context, draw) <= 4]).toEqual([draw, true]);
        expect([draw, worst(context, draw, high) <= 4]).toEqual([draw, true]);
      }
      expect(planTexts(context)).not.toContain('DRV-08.next');
    },
  );
  test('mistake: the next pump goes off while it is needed, or never; near misses one step off', () => {
    const context = contextOf(SET, { ...DUTY, choices: { sharing: 'one-varies' } });
    const planned = understand(SET, PLATE, sound(context)).next.off_hz!;
    const key = planDrive(context).targets.find(({ role }) => role === 'next.off')!.key;
    const slow = planDrive(context).targets.find(({ role }) => role === 'next.delay')!.key;
    expect(texts(context, { [key]: planned })).not.toContain('DRV-08.next');
    expect(texts(context, { [key]: planned + 2 })).toContain('DRV-08.next');
    expect(texts(context, { [slow]: 29 })).toContain('DRV-08.soon');
    expect(texts(context, { [slow]: 30 })).not.toContain('DRV-08.soon');
    const least = understand(SET, PLATE, sound(context)).least_hz!;
    expect(texts(context, { [key]: least })).toContain('DRV-08.stays');
    expect(texts(context, { [key]: least + 1 })).not.toContain('DRV-08.stays');
  });
});

describe('proofs', () => {
  const context = contextOf(SET, { ...DUTY, inlet: { least_bar: 0.2, greatest_bar: 0.35 } });
  const shut = (read: number | null) => {
    const at = { ...context, inletRead_bar: read };
    const check = proofChecks(at, { ...understand(SET, PLATE, sound(context)), stop_hz: 39.6 }).find(
      ({ key }) => key === 'closed-valve',
    )!;
    if (check.ask.kind !== 'figure') throw new Error('It asks for a figure.');
    return check.ask;
  };
  test('a right pump passes at any pressure that its inlet may have; what was read today narrows it', () => {
    const whole = shut(null);
    for (const inlet of [0.2, 0.3, 0.35]) {
      const own = shut(inlet);
      const middle = (own.least + own.greatest) / 2;
      expect(middle).toBeGreaterThanOrEqual(whole.least);
      expect(middle).toBeLessThanOrEqual(whole.greatest);
      expect(own.greatest - own.least).toBeLessThan(whole.greatest - whole.least);
    }
  });
  test('a set pressure is asked for only where a pressure is held', () => {
    const speed = contextOf(WHEEL, one({ holds: { kind: 'speed', set_hz: 42 } }));
    const keys = proofChecks(speed, understand(WHEEL, PLATE, { ...sound(speed), p1: 3 })).map(
      ({ key }) => key,
    );
    expect(keys).not.toContain('set-pressure');
  });
  test('running dry is timed from where the gauge is under the threshold, never longer than the seal stands', () => {
    const dry = proofChecks(context, understand(SET, PLATE, sound(context))).find(
      ({ key }) => key === 'dry',
    )!;
    expect(dry.method).toContain('Count from the moment the gauge falls under');
    expect(dry.caution).toContain('The seal stands dry for');
  });
});

test('a suction that is too short is told for a difference too', () => {
  const duty = one({
    holds: { kind: 'difference', set_bar: 1 },
    inlet: { least_bar: 0, greatest_bar: 0.5 },
    water: { temperature_C: 95, altitude_m: 0 },
  });
  expect(texts(contextOf(WHEEL, { ...duty, pump: { ...duty.pump, npsh_m: 3 } }))).toContain('DRV-15');
});

test('words say the limit that rules, and none that does not hold', () => {
  expect(wordsOf(contextOf(WHEEL, ONE), { plow: 0 }, 'DRV-05.nil')).toContain('threshold');
});
