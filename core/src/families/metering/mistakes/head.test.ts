import { planAndCheck } from '../plan/plan';
import type { MeteringContext } from '../settings/context';
import type { StandingCalibration } from '../settings/standing-calibration';
import { gasCures, suctionCures } from '../effect/cures';
import type { MeteringDuty } from '../wire/duty';
import {
  codesOf,
  findingsOn,
  FLOW_DUTY,
  inWords,
  NUMBERED,
  SOUND_STEPPER,
  SOUND_TWO_POINT,
  stepperContext,
  textsOf,
  twoPointContext,
  dutyWith,
} from '../fixtures';
import { understand } from '../settings/understand';

const stepper = (changed: object, duty: Partial<MeteringDuty> = {}, more: Partial<MeteringContext> = {}) =>
  findingsOn(stepperContext(duty, more), { ...SOUND_STEPPER, ...changed });
const place = (changed: Partial<MeteringDuty['place']>) => ({ place: { ...FLOW_DUTY.place, ...changed } });
const suction = { pipe_m: 3, bore_mm: 4, friction_m: 0.1, vapour_bar: 0.05, tank_bar: 1.013, needed_m: null };

test('sound settings in L/h have no finding; the plan works them out on the drive’s own terms', () => {
  expect(stepper({})).toEqual([]);
  const { plan, findings } = planAndCheck(stepperContext({}, { inForce: { code: 'code', factor: 100 } }));
  expect(findings).toEqual([]);
  expect(plan.values).toMatchObject({ run: 'input', inA: 4, outA: 0, inB: 20, suction: '60', gas: 'on' });
  expect(plan.values.outB).toBeCloseTo(3.409, 3);
});

describe('MET-11 calibration', () => {
  const standing: StandingCalibration = {
    date: '2026-10-01',
    stroke_mL: 0.098,
    length_pct: 100,
    pressure_bar: 2,
    product: 'Hypochlorite',
    uncertainty: 0.004,
    servicedSince: false,
  };
  const duty = dutyWith({ place: { interlocked: true, dischargePressure_bar: 2 } });
  const two = (changed: Partial<StandingCalibration>, context: Partial<MeteringContext> = {}, values = {}) =>
    textsOf(
      findingsOn(twoPointContext({ duty, calibration: { ...standing, ...changed }, ...context }), {
        ...SOUND_TWO_POINT,
        ...values,
      }),
    );
  test('mistakes: length moved, another product, pressure, service, age; compensated before any drawdown', () => {
    expect(two({}, {}, { length: 95 })).toContain('MET-11.length');
    expect(two({ product: 'Acid' })).toContain('MET-11.product');
    expect(two({ pressure_bar: 4 })).toContain('MET-11.pressure');
    expect(two({ servicedSince: true })).toContain('MET-11.service');
    expect(two({ date: '2026-05-20' })).toContain('MET-11.old');
    expect(textsOf(stepper({ comp: 'on' }))).toContain('MET-11.before');
    expect(textsOf(stepper({ factor: 96 }))).toContain('MET-11.before');
  });
  test('near misses: half a bar more; five months old; a length moved by 2 %', () => {
    expect(two({ pressure_bar: 2.9 })).toEqual([]);
    expect(two({ date: '2026-06-01' })).toEqual([]);
    expect(two({ length_pct: 98 })).toEqual([]);
  });
});

describe('MET-13 slow suction', () => {
  test('mistake: 35 % leaves 2.1 L/h where 2.65 are needed; near miss: 60 %', () => {
    const found = stepper({ suction: '35', outB: 2.1, inB: 14 });
    expect(found.find((f) => f.code === 'MET-13')).toMatchObject({ severity: 'stop' });
    expect(codesOf(stepper({ suction: '60' }))).not.toContain('MET-13');
  });
  test('the plan takes none where none is enough, and says what to do', () => {
    const dose = { wanted_mgl: 22, low_mgl: 20, high_mgl: 24 };
    const { plan } = planAndCheck(stepperContext({ dose }));
    expect(plan.values.suction).toBe('100');
    expect(plan.targets.find((target) => target.role === 'suction.share')?.reason.text).toBe('suction.none');
  });
});

describe('MET-14 pauses in a gassing liquid', () => {
  const night = {
    water: { ...FLOW_DUTY.water, hourly_m3h: Array.from({ length: 24 }, (_, h) => (h < 5 ? 0 : 20)) },
  };
  test('mistakes: five hours at night with deaeration off; or no deaeration to turn on', () => {
    expect(textsOf(stepper({ gas: 'off' }, night))).toContain('MET-14.off');
    const two = twoPointContext({ duty: dutyWith({ water: night.water }) });
    const found = findingsOn(two, SOUND_TWO_POINT).find((f) => f.code === 'MET-14')!;
    expect(found.text).toBe('MET-14.none');
    expect(found.values.pause).toEqual({ q: 'minutes', v: 300 });
  });
  test('near misses: deaeration on; no pause; a liquid that does not gas', () => {
    expect(codesOf(stepper({}, night))).not.toContain('MET-14');
    expect(codesOf(stepper({ gas: 'off' }))).not.toContain('MET-14');
    const still = { ...night, product: { ...FLOW_DUTY.product, gassing: false } };
    expect(codesOf(stepper({ gas: 'off' }, still))).not.toContain('MET-14');
  });
});

describe('MET-15 gas lock', () => {
  const head = { dead_mL: 0.25, injection_bar: 0.5 };
  test('mistake: 2.68 bar of squeeze (1 m of lift) against 3.51; near miss: less dead volume; both absolute', () => {
    const found = stepper({}, { head }).find((f) => f.code === 'MET-15')!;
    expect(found).toMatchObject({
      severity: 'stop',
      values: { reach: { v: expect.closeTo(2.683, 3) }, discharge: { v: expect.closeTo(3.513, 3) } },
    });
    expect(codesOf(stepper({}, { head: { ...head, dead_mL: 0.15 } }))).not.toContain('MET-15');
  });
  test('a lift counts at the valve, and the maximum pressure, not the usual: 2.92 bar against 3.41 locks', () => {
    const place = { interlocked: true, suctionHead_m: -1.5, dischargePressure_bar: 1 };
    const duty = {
      strokeVolume: { full_mL: 0.5, basis: 'plate' as const },
      head: { dead_mL: 0.2, injection_bar: 0 },
      pressure: { least_bar: 1, greatest_bar: 2.397, lossPer_bar: null },
      place,
    };
    const found = stepper({}, duty).find((f) => f.code === 'MET-15')!;
    expect(found.values).toMatchObject({
      reach: { v: expect.closeTo(2.92, 2) },
      discharge: { v: expect.closeTo(3.41, 2) },
    });
    const usual = { ...duty, pressure: { ...duty.pressure, greatest_bar: 1.2 } };
    expect(codesOf(stepper({}, usual))).not.toContain('MET-15');
    // without an answer the level is taken to be that of the pump, and said so
    const unsaid = {
      ...duty,
      place: { ...place, suctionHead_m: null },
      head: { dead_mL: 0.3, injection_bar: 0 },
    };
    expect(stepper({}, unsaid).find((f) => f.code === 'MET-15')!.given).toContain('level with the pump');
  });
  test('cures are ranked: those that are enough first, each with its figure', () => {
    const context = stepperContext({ head });
    const cures = gasCures(context, understand(context.profile, context.plate, SOUND_STEPPER));
    expect(cures.map((cure) => cure.enough)).toEqual([true, true]);
    expect(cures[0].brings.v).toBeGreaterThanOrEqual(cures[1].brings.v);
  });
});

describe('MET-16 pressure', () => {
  const pressure = { least_bar: 1, greatest_bar: 5, lossPer_bar: 0.02 };
  test('mistakes: 8 % of swing with nothing to make up for it; compensation that runs out', () => {
    expect(textsOf(stepper({}, { pressure }))).toContain('MET-16.off');
    const measured = { strokeVolume: { full_mL: 0.4, basis: 'measured' as const } };
    const most = { ...measured, pressure: { ...pressure, greatest_bar: 9 } };
    expect(textsOf(stepper({ comp: 'on', suction: '60' }, most))).toContain('MET-16.limit');
  });
  test('near misses: a swing of 4 %; compensation with room', () => {
    expect(codesOf(stepper({}, { pressure: { ...pressure, greatest_bar: 3 } }))).not.toContain('MET-16');
    const measured = { strokeVolume: { full_mL: 0.5, basis: 'measured' as const }, pressure };
    expect(codesOf(stepper({ comp: 'on' }, measured))).not.toContain('MET-16');
  });
});

test('MET-17 mistake: 25 % stroke; near miss: 30 %', () => {
  const found = (length: number) => codesOf(findingsOn(twoPointContext(), { ...SOUND_TWO_POINT, length }));
  expect(found(25)).toContain('MET-17');
  expect(found(30)).not.toContain('MET-17');
});

describe('MET-20 tank and ageing', () => {
  const tank = { now_L: 100, warn_L: 20, stop_L: 5 };
  test('mistakes: 32.7 L a day out of 95 L with the next visit in 7 days; a product that ages before then', () => {
    const found = stepper({}, { tank, nextVisit_days: 7 }).find((f) => f.text === 'MET-20.tank')!;
    expect(found.values.days).toEqual({ q: 'days', v: expect.closeTo(2.906, 2) });
    expect(textsOf(stepper({}, { nextVisit_days: 60 }))).toContain('MET-20.aged');
  });
  test('near misses: a visit in two days; a half-life long enough', () => {
    expect(codesOf(stepper({}, { tank, nextVisit_days: 2 }))).not.toContain('MET-20');
    expect(codesOf(stepper({}, { nextVisit_days: 28 }))).not.toContain('MET-20');
  });
});

describe('MET-21 run dry, MET-23 mains, MET-26 relief', () => {
  test('mistakes', () => {
    expect(textsOf(stepper({ level: 'off' }))).toContain('MET-21.none');
    expect(textsOf(stepper({ level: 'warn' }))).toContain('MET-21.warn');
    expect(codesOf(stepper({ power: 'wait' }, place({ switchedByMains: true })))).toContain('MET-23');
    const found = stepper({}, place({ noRelief: true })).find((f) => f.code === 'MET-26')!;
    expect(found.severity).toBe('stop');
  });
  test('near misses: warns by a written reason; resumes; waits but is not switched by its mains', () => {
    const choices = { ...FLOW_DUTY.choices, dry: 'warn' as const, dryReason: 'A second pump takes over.' };
    expect(codesOf(stepper({ level: 'warn' }, { choices }))).not.toContain('MET-21');
    expect(codesOf(stepper({ power: 'run' }, place({ switchedByMains: true })))).not.toContain('MET-23');
    expect(codesOf(stepper({ power: 'wait' }))).not.toContain('MET-23');
  });
  test('a pump that its mains supply switches is planned to resume', () => {
    const { plan } = planAndCheck(
      stepperContext({
        ...place({ switchedByMains: true }),
        choices: { ...FLOW_DUTY.choices, afterPowerCut: 'wait' },
      }),
    );
    expect(plan.values.power).toBe('run');
  });
});

describe('MET-22 suction head', () => {
  const long = { suction: { ...suction, pipe_m: 9 } };
  test('mistake: nine metres of 4 mm line at full speed; near miss: three metres at 60 %', () => {
    const found = stepper({ suction: '100' }, long).find((f) => f.code === 'MET-22')!;
    expect(inWords(found)).toContain('since the manual’s figure is not known');
    expect(codesOf(stepper({}, { suction }))).not.toContain('MET-22');
  });
  test('cures, the most useful first, with what they cost', () => {
    const context = stepperContext(long);
    const settings = understand(context.profile, context.plate, { ...SOUND_STEPPER, suction: '100' });
    const cures = suctionCures(context, settings);
    expect(cures[0].enough).toBe(true);
    expect(cures.map((cure) => cure.words)).toEqual(
      expect.arrayContaining(['Slow suction at 60 %', 'A suction line of twice the bore']),
    );
    expect(cures.find((cure) => cure.words === 'Slow suction at 35 %')?.cost).toContain('only');
  });
  test('a flooded suction is offered while the liquid stands less than half a metre above the pump', () => {
    const offered = (suctionHead_m: number) => {
      const context = stepperContext({ ...long, place: { ...stepperContext().duty.place, suctionHead_m } });
      const settings = understand(context.profile, context.plate, { ...SOUND_STEPPER, suction: '100' });
      return suctionCures(context, settings).filter(({ words }) => words.startsWith('Flooded suction'));
    };
    expect(offered(0.4).map(({ words }) => words)).toEqual(['Flooded suction: liquid 0.5 m above the pump']);
    expect(offered(0.5)).toEqual([]);
  });
});

test('a timed pump: seconds of every run from what the process needs', () => {
  const context = {
    ...stepperContext(),
    profile: NUMBERED,
    duty: {
      ...FLOW_DUTY,
      mode: 'timer' as const,
      dose: { wanted_mgl: 1, low_mgl: 0.5, high_mgl: 2 },
      timer: { every_min: 30 },
    },
    plate: { gear: '2', greatest_spm: 120, rated_bar: 10 },
    inForce: { gear: '2' },
  };
  const { plan } = planAndCheck(context);
  const { p05, p02, length } = plan.values as Record<string, number>;
  const given_mL = ((p05 * p02) / 60) * 0.5 * (length / 100);
  // 20 m³/h · 1 mg/L / 151.25 g/L·(aged a little) for half an hour
  expect(given_mL).toBeCloseTo((20 * 1000) / 151.25 / 2, -1);
  expect(plan.values.p01).toBe('2');
});
