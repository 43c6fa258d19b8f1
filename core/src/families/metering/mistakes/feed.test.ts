import { linesOf as lines } from '../../../describe';
import { Walk } from '../../../job/testing/walk.fixtures';
import { METRIC } from '../../../units';
import { DUTY_FORM } from '../form/duty-form';
import { factsOf } from '../hand-over/facts';
import { checkPlan } from '../checks/checks';
import { stockOf } from '../effect/stock';
import { contextOf as standingOf } from '../settings/context';
import {
  DUTY,
  dutyWith,
  findingsOn,
  MOTOR,
  motorContext,
  textsOf,
  twoPointContext,
  TWO_POINT,
} from '../fixtures';
import { planMetering } from '../plan/plan';
import { understand } from '../settings/understand';
import { meteringDutySchema, type MeteringDuty } from '../wire/duty';
import { demandLine } from '../wire/signal-source';

const stated = {
  source: 'controller',
  measures: 'stated',
  low_mA: 4,
  greatestFeed_lph: 0.6,
  leastFeed_lph: 0.12,
  from_mA: 6,
  to_mA: 18,
  action: 'rising',
  onLostSignal: 'stop',
} as const;
const line = (change: object = {}) =>
  twoPointContext({
    duty: dutyWith({ signal: { ...stated, ...change } as never }),
    signalFrom: 'controller',
  });
const planned = (context: ReturnType<typeof line>) => planMetering(context).values;

describe('MET-08 a line that the site states at two currents', () => {
  test('is planned on the points of the controller, rising and falling', () => {
    const rising = planned(line());
    expect(rising).toMatchObject({ currentA: 6, currentB: 18 });
    // a fifth of the feed at the low end
    expect(Number(rising.rateB) / Number(rising.rateA)).toBeCloseTo(5, 0);
    const falling = planned(line({ action: 'falling' }));
    expect(Number(falling.rateA)).toBeGreaterThan(Number(falling.rateB));
    expect(Number(falling.rateB)).toBeGreaterThan(0);
    expect(demandLine({ ...stated, action: 'falling' })).toEqual({
      from_mA: 6,
      to_mA: 18,
      atFrom_lph: 0.6,
      atTo_lph: 0.12,
    });
  });
  test('mistake: nothing at the low end, or too much at the top; near miss: the plan', () => {
    const context = line();
    const sound = planned(context);
    const told = (change: object) => textsOf(findingsOn(context, { ...sound, ...change }));
    expect(told({ rateA: 0 })).toContain('MET-08.line');
    expect(told({ rateB: Math.round(Number(sound.rateB) * 1.3) })).toContain('MET-08.line');
    expect(told({})).not.toContain('MET-08.line');
    // a low end of a fifth looks like a range of 0–20, and is none
    expect(told({})).not.toContain('MET-01.live-read-dead');
  });
  test('mistake: a plain range cannot follow it, and the plan says so; near miss: nothing at the low end', () => {
    const plain = (change: object) =>
      motorContext({
        duty: dutyWith({ signal: { ...stated, greatestFeed_lph: 4, ...change } as never }),
        signalFrom: 'controller',
      });
    const told = (context: ReturnType<typeof plain>) =>
      checkPlan(context, planMetering(context)).map(({ text }) => text);
    expect(told(plain({}))).toContain('MET-07.plain');
    expect(told(plain({ leastFeed_lph: 0, from_mA: undefined, to_mA: undefined }))).not.toContain(
      'MET-07.plain',
    );
  });
  test('a line that is none is told at its place', () => {
    const fault = (change: object) =>
      meteringDutySchema.safeParse({ ...DUTY, signal: { ...stated, ...change } }).error?.issues[0].path;
    expect(fault({ from_mA: 18, to_mA: 6 })).toEqual(['signal', 'to_mA']);
    expect(fault({ leastFeed_lph: 0.6 })).toEqual(['signal', 'leastFeed_lph']);
    expect(fault({})).toBeUndefined();
  });
  test('a controller of which nobody stated more is planned as it always was', () => {
    const plan = planned(
      line({ measures: 'redox', leastFeed_lph: undefined, from_mA: undefined, to_mA: undefined }),
    );
    expect(plan).toMatchObject({ currentA: 4, rateA: 0, currentB: 20 });
  });
});

describe('MET-08 a pump flow that the site states', () => {
  const manual = (feed_lph: number | undefined) =>
    twoPointContext({ duty: { ...dutyWith({}), mode: 'manual', feed_lph } });
  test('is what the rate is planned for, whatever the dose would be', () => {
    const context = manual(0.3);
    const plan = planMetering(context);
    const { manual_spm, length_pct } = understand(TWO_POINT, context.plate, plan.values);
    const gives = manual_spm! * 0.06 * context.duty.strokeVolume.full_mL * (length_pct! / 100);
    expect(gives).toBeCloseTo(0.3, 1);
    expect(plan.targets.find(({ role }) => role === 'rate.manual')?.reason.text).toBe('rate.stated');
  });
  test('mistake: another flow is set, too much and too little; near miss: the plan', () => {
    const context = manual(0.3);
    const sound = planMetering(context).values;
    const rate = (share: number) => ({ ...sound, manualRate: Math.round(Number(sound.manualRate) * share) });
    expect(textsOf(findingsOn(context, rate(1.3)))).toContain('MET-08.feed');
    expect(textsOf(findingsOn(context, rate(0.7)))).toContain('MET-08.feed');
    expect(textsOf(findingsOn(context, sound))).not.toContain('MET-08.feed');
  });
  test('a dose that does not fit it is said of the duty, and not held against the settings', () => {
    const context = manual(3);
    const told = textsOf(findingsOn(context, planMetering(context).values));
    expect(told).toContain('MET-08.stated');
    expect(told).not.toContain('MET-08.manual');
    expect(textsOf(findingsOn(manual(undefined), planMetering(manual(undefined)).values))).not.toContain(
      'MET-08.stated',
    );
  });
});

describe('a stated flow in words', () => {
  const linesOf = (duty: MeteringDuty) =>
    lines(DUTY_FORM, duty, METRIC)
      .join(' ')
      .replace(/\u00a0/g, ' ');
  test('is said on the form and on paper, with both of its points', () => {
    const duty = { ...DUTY, signal: stated } as MeteringDuty;
    expect(linesOf(duty)).toContain('from 0.12 L/h up to 0.6 L/h');
    expect(linesOf(duty)).not.toContain('stated controller');
    const view = {
      document: new Walk({ profile: TWO_POINT, duty, plate: line().plate }).document,
      context: null,
      duty,
      today: '2026-11-24',
    };
    const said = factsOf(view as never).find(({ label }) => label === 'Controller')?.words ?? '';
    expect(said.replace(/\u00a0/g, ' ')).toBe('stated by the site: 0.12 L/h at 6 mA, 0.6 L/h at 18 mA');
  });
  test('one figure is said beside the mode', () => {
    expect(linesOf({ ...DUTY, mode: 'manual', feed_lph: 0.3 })).toContain('0.3 L/h stated by the site');
  });
});

describe('the next service by its counter', () => {
  const service = { what: 'Diaphragm', everyStrokes: 10_000_000, madeStrokes: 1_000_000 };
  const duty: MeteringDuty = { ...dutyWith({}), service };
  const reading = (counter: number | null) =>
    ({
      kind: 'readings-now',
      current_mA: null,
      display_m3h: null,
      rate_spm: null,
      rateBy: null,
      pressure_bar: null,
      counter,
      residual_mgl: null,
      unreadable: {},
    }) as const;
  const begun = () => {
    const walk = new Walk({ profile: MOTOR, duty, plate: { gear: 'B', greatest_spm: 96, rated_bar: 10 } });
    walk.arrive();
    walk.plan();
    return walk;
  };
  const since = (walk: Walk) => (walk.view.context as { sinceService?: number | null }).sinceService;

  test('counts from the service to the reading; one that was set back, or not read, tells nothing', () => {
    const walk = begun();
    walk.record({ kind: 'serviced', what: 'Diaphragm', counter: 4_000_000 });
    expect(since(walk)).toBe(0);
    walk.record(reading(6_500_000));
    expect(since(walk)).toBe(2_500_000);
    walk.record(reading(100));
    expect(since(walk)).toBeNull();
    walk.record(reading(null));
    expect(since(walk)).toBeNull();
  });
  test('what it tells is better than what was stated', () => {
    const context = motorContext({ duty });
    const settings = understand(MOTOR, context.plate, planMetering(context).values);
    const stated = stockOf(context, settings)!.service_days!;
    const counted = stockOf({ ...context, sinceService: 5_500_000 }, settings)!.service_days!;
    // 9 million strokes are left by the duty, 4.5 million by its counter
    expect(counted).toBeCloseTo(stated / 2, 6);
    expect(stockOf({ ...context, sinceService: null }, settings)!.service_days).toBe(stated);
  });
  test('without a job no counter was read', () => {
    const ground = {
      duty,
      profile: MOTOR,
      plate: motorContext().plate,
      today: '2026-11-24',
      inForce: {},
      putBack: {},
      zone: 'UTC',
      document: null,
      signalFrom: null,
    };
    expect(standingOf(ground as never).sinceService).toBeUndefined();
  });
});
