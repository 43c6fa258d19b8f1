import { checkPlan, checkSettings } from '../checks/checks';
import { contextOf, DUTY, INNER, TEN_SLOTS } from '../fixtures';
import { INNER_DUTY } from '../example-duties';
import { fixedSpeeds_rpm, speedThere_rpm } from '../effect/fixed-speeds';
import { heldBy } from '../effect/week';
import { planPool } from '../plan/plan';
import { proofChecks } from '../proof/checks';
import { judgeCheck } from '../proof/patterns';
import { shipped } from '../../suites/shipped.fixtures';
import { understand } from '../settings/understand';
import { poolDutySchema, type PoolDuty } from '../wire/duty';
import type { PoolProfile } from '../wire/job';

const TIMERS = shipped('pool-drive-timer-menus') as PoolProfile;
const VALVES = { valve: 'suction', 'valve/2': 'return', 'valve/3': 'roof', 'valve/4': 'none' };
const inner = (change: Partial<PoolDuty> = {}) =>
  contextOf(INNER, { ...INNER_DUTY, ...change }, { inForce: VALVES });
const context = inner();
const sound = planPool(context).values;
const told = (change: object, of = context) =>
  checkSettings(of, 'found', { ...planPool(of).values, ...change }).map(({ text }) => text);
const heat = (change: object) => inner({ heat: { ...INNER_DUTY.heat!, ...change } });

test('the plan of all that stands beside programs is held to be sound by its own findings', () => {
  const stops = checkPlan(context, planPool(context)).filter(({ severity }) => severity === 'stop');
  expect(stops).toEqual([]);
  expect(sound).toMatchObject({
    pumpKind: 'variable',
    second: 'one',
    cooling: 'on',
    coolTo: 31,
    override: 'waits',
    chemistry: 'contact',
    'timerKind/4': 'countdown',
    'timerKind/3': 'clock',
    'arrival/4': 'off',
  });
});

describe('POO-06 and ANY-12 circuits that people start', () => {
  test('mistake: by hand only; near miss: it counts down, or is none of theirs', () => {
    expect(told({ 'timerKind/4': 'never' })).toContain('POO-06.stays');
    expect(told({})).not.toContain('POO-06.stays');
    expect(told({ timerKind: 'never' })).not.toContain('POO-06.stays');
  });
  test('mistake: on again after a power cut; near miss: off', () => {
    for (const slip of ['as', 'on']) expect(told({ 'arrival/4': slip })).toContain('ANY-12.circuit');
    expect(told({})).not.toContain('ANY-12.circuit');
  });
  test('its end is tried', () => {
    const keys = proofChecks(context, understand(INNER, context.plate, sound)).map(({ key }) => key);
    expect(keys).toEqual(expect.arrayContaining(['counts-4', 'second-pump']));
  });
});

describe('POO-20 pumps that are there', () => {
  test('mistake: other speeds, another second pump; near miss: what is there, or nobody said', () => {
    expect(told({ pumpKind: 'two' })).toContain('POO-20.speeds');
    expect(told({ second: 'none' })).toContain('POO-20.second');
    expect(told({})).not.toEqual(expect.arrayContaining(['POO-20.second']));
    const open = inner({ second: undefined, pumpSpeeds: undefined });
    expect(told({ second: 'two', pumpKind: 'two' }, open)).not.toEqual(
      expect.arrayContaining(['POO-20.second']),
    );
    expect(planPool(open).values.second).toBeUndefined();
    expect(planPool(inner({ second: null })).values.second).toBe('none');
  });
  test('a pump of two speeds is planned at its own alone, and another speed is told', () => {
    const two: PoolDuty = { ...DUTY, pumpSpeeds: 'two' };
    const speeds = fixedSpeeds_rpm(two)!;
    expect(speeds).toHaveLength(2);
    const of = contextOf(TEN_SLOTS, two);
    const plan = planPool(of);
    const used = understand(TEN_SLOTS, of.plate, plan.values).programs.filter(({ enabled }) => enabled);
    expect(used.length).toBeGreaterThan(0);
    for (const { speed_rpm } of used)
      expect(speeds.some((speed) => Math.abs(speed - speed_rpm!) <= 10)).toBe(true);
    const between = (speeds[0] + speeds[1]) / 2;
    const slip = { ...plan.values, speed: Math.round(between / 10) * 10 };
    expect(checkSettings(of, 'found', slip).map(({ text }) => text)).toContain('POO-20.fixed');
    expect(speedThere_rpm(speeds, speeds[0] + 1)).toBe(speeds[1]);
    expect(speedThere_rpm(speeds, 99_999)).toBe(speeds[1]);
    expect(fixedSpeeds_rpm({ ...two, pumpSpeeds: 'one' })).toEqual([speeds[1]]);
    expect(fixedSpeeds_rpm(DUTY)).toBeNull();
  });
});

describe('POO-15 the roof by night', () => {
  test('mistake: off though wanted, on though not, or under what it is heated to; near miss: as agreed', () => {
    expect(told({ cooling: 'off' })).toContain('POO-15.uncooled');
    expect(told({ cooling: 'on' }, heat({ cooledTo_C: undefined }))).toContain('POO-15.unasked');
    expect(told({ coolTo: 27 })).toContain('POO-15.fights');
    expect(told({ coolTo: 33 })).toContain('POO-15.cooled');
    const all = told({});
    for (const text of ['uncooled', 'unasked', 'fights', 'cooled'])
      expect(all).not.toContain(`POO-15.${text}`);
    expect(told({ coolTo: 32 })).not.toContain('POO-15.cooled');
  });
  test('nobody asked for it: it is left as it is', () => {
    expect(planPool(heat({ cooledTo_C: undefined })).values.cooling).toBeUndefined();
  });
  test('cooled to less than it is heated to is refused at its place', () => {
    const read = poolDutySchema.safeParse({ ...INNER_DUTY, heat: { ...INNER_DUTY.heat!, cooledTo_C: 27 } });
    expect(read.error?.issues[0].path).toEqual(['heat', 'cooledTo_C']);
  });
});

describe('POO-16 and POO-21 delays and valves', () => {
  test('mistake: delays are skipped; near miss: kept', () => {
    expect(told({ override: 'skips' })).toContain('POO-16.skipped');
    expect(told({})).not.toContain('POO-16.skipped');
  });
  test('mistake: no valve over the roof, or one end of pool and tub alone; near miss: all there, or one unread', () => {
    expect(told({ 'valve/3': 'none' })).toContain('POO-21.roof');
    expect(told({ 'valve/2': 'none' })).toContain('POO-21.half');
    expect(told({ 'valve/2': undefined, 'valve/3': 'none' })).not.toContain('POO-21.roof');
    // without either there is no change-over by valves at all
    expect(told({ valve: 'none', 'valve/2': 'none' })).not.toContain('POO-21.half');
  });
});

describe('POO-10 how finely a prime is sensed', () => {
  const EIGHT = shipped('pool-drive-eight-slots') as PoolProfile;
  const of = contextOf(EIGHT, DUTY);
  const said = (fine: string) =>
    checkSettings(of, 'found', { ...planPool(of).values, fine }).map(({ text }) => text);
  test('mistake: fine or coarse; near miss: usual, or a fixed time', () => {
    expect(said('5')).toContain('POO-10.fine');
    expect(said('1')).toContain('POO-10.coarse');
    expect(said('3')).not.toEqual(expect.arrayContaining(['POO-10.fine']));
    const fixed = checkSettings(of, 'found', { ...planPool(of).values, prime: 'fixed', fine: '1' });
    expect(fixed.map(({ text }) => text)).not.toContain('POO-10.coarse');
  });
});

describe('POO-26 chemistry beside the panel', () => {
  test('mistake: told by nothing, or another way than is set; near miss: as wired', () => {
    const linked = (told_: 'nothing' | 'link' | 'switch') =>
      inner({ linked: [{ kind: 'chemistry', name: 'Chemistry controller', told: told_ }] });
    expect(told({}, linked('nothing'))).toContain('POO-26.blind');
    expect(told({ chemistry: 'contact' }, linked('link'))).toContain('POO-26.told');
    expect(told({ chemistry: 'none' })).toContain('POO-26.told');
    expect(told({})).not.toEqual(expect.arrayContaining(['POO-26.told']));
    expect(told({ chemistry: 'none' }, linked('switch'))).not.toContain('POO-26.told');
  });
});

describe('POO-24 stopped until resumed', () => {
  const of = contextOf(TIMERS, DUTY);
  const plan = planPool(of).values;
  test('mistake: left so; near miss: in automatic; it is tried', () => {
    const stopped = { ...plan, state: 'stopped' };
    expect(checkSettings(of, 'found', stopped).map(({ text }) => text)).toContain('POO-24.stopped');
    expect(checkSettings(of, 'found', plan).map(({ text }) => text)).not.toContain('POO-24.stopped');
    expect(heldBy(of, understand(TIMERS, of.plate, stopped))).toBe('stopped');
    const check = proofChecks(of, understand(TIMERS, of.plate, plan)).find(({ key }) => key === 'resume')!;
    expect(judgeCheck(check, { check: 'resume', seen: 'starts', figures: {} }).pattern?.code).toBe('POO-24');
    expect(judgeCheck(check, { check: 'resume', seen: 'resumes', figures: {} }).ok).toBe(true);
  });
});
