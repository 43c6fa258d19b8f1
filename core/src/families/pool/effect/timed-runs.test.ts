import type { BenchEvent, Scenario } from '../../../bench';
import { benchSheet, plainWeek } from '../bench/bench';
import { checkPlan, checkSettings } from '../checks/checks';
import type { PoolDuty } from '../wire/duty';
import type { TimedRun } from '../wire/programs';
import {
  contextOf,
  DUTY,
  FOUR_SPEEDS,
  LINK,
  PANEL,
  PANEL_DUTY,
  sound,
  TEN_SLOTS,
  texts,
  wordsOf,
} from '../fixtures';
import { planPool } from '../plan/plan';
import { judgeCheck } from '../proof/patterns';
import { proofChecks } from '../proof/checks';
import { understand } from '../settings/understand';
import { canRunTimed, storedTimedRuns } from './timed-runs';
import type { PoolProfile } from '../wire/job';

const LESSONS: TimedRun = { name: 'After lessons', speed_rpm: 2200, minutes: 45 };
const WASH: TimedRun = { name: 'Wash', speed_rpm: 2400, minutes: 15 };
const wanting = (...timedRuns: TimedRun[]): PoolDuty => ({ ...DUTY, timedRuns });
const planned = (profile: PoolProfile, duty: PoolDuty, inForce = {}) =>
  planPool(contextOf(profile, duty, { inForce }));
const storedOf = (profile: PoolProfile, values: Record<string, string | number>) =>
  storedTimedRuns(understand(profile, contextOf(profile).plate, values));

describe('a timed run is planned where the controller ends runs by itself', () => {
  test('on a key made for it: its stop is how long it runs, and no schedule stands in it', () => {
    const { values, problems } = planned(FOUR_SPEEDS, wanting(LESSONS, WASH));
    expect(problems).toEqual([]);
    expect(values).toMatchObject({ 'from/5': 'none', 'until/5': 45, 'from/6': 'none', 'until/6': 15 });
    const [lessons, wash] = storedOf(FOUR_SPEEDS, values as Record<string, string | number>);
    expect(lessons).toMatchObject({ slot: 5, minutes: 45 });
    // in whole per cent of full speed, rounded down
    expect(lessons.speed_rpm).toBeLessThanOrEqual(2200);
    expect(lessons.speed_rpm).toBeGreaterThan(2200 - 29);
    expect(wash).toMatchObject({ slot: 6, minutes: 15 });
  });
  test('as the boost run, started by the last key, or by the one that does already', () => {
    expect(planned(TEN_SLOTS, wanting(LESSONS)).values).toMatchObject({
      boostSpeed: 2200,
      boostTime: 45,
      'key/4': 'timed',
    });
    const { values } = planned(TEN_SLOTS, wanting(LESSONS), { 'key/2': 'timed' });
    expect(values['key/2']).toBe('timed');
    expect(values['key/4']).toBeUndefined();
    expect(planned(PANEL, { ...PANEL_DUTY, timedRuns: [LESSONS] }).values).toMatchObject({
      runSpeed: 2200,
      runTime: 45,
      'button/4': 'timed',
    });
  });
  test('never above filter, cover and pipes', () => {
    const { settings } = planned(TEN_SLOTS, wanting({ ...LESSONS, speed_rpm: 3260 }));
    expect(settings.boost_rpm).toBeLessThanOrEqual(settings.greatest_rpm);
    expect(settings.greatest_rpm).toBeLessThan(3260);
  });
  test('what has no place is said, not dropped', () => {
    const more = planPool(contextOf(TEN_SLOTS, wanting(LESSONS, WASH)));
    expect(more.problems).toEqual([{ kind: 'timed-no-place', name: 'Wash' }]);
    const none = checkPlan(contextOf(LINK, wanting(LESSONS)), planned(LINK, wanting(LESSONS)));
    expect(wordsOf(none.find(({ text }) => text === 'PRO-01.timed'))).toContain('After lessons');
    expect([LINK, TEN_SLOTS, FOUR_SPEEDS, PANEL].map(canRunTimed)).toEqual([false, true, true, true]);
  });
  test('within children’s reach no key starts it, and that is said', () => {
    const duty = { ...wanting(LESSONS), place: { childrenReach: true, othersReach: true } };
    const { values, problems } = planned(TEN_SLOTS, duty);
    expect(problems).toEqual([{ kind: 'timed-reach', name: 'After lessons' }]);
    expect(values).toMatchObject({ boostTime: 45, key: 'nothing', 'key/4': 'nothing' });
  });
});

test('a key for timed runs within children’s reach is emptied, and the run that was wanted on it is said', () => {
  const duty = { ...wanting(LESSONS), place: { childrenReach: true, othersReach: true } };
  const { values, problems, targets } = planned(FOUR_SPEEDS, duty, { 'from/5': 'none', 'until/5': 45 });
  expect(problems).toEqual([{ kind: 'timed-reach', name: 'After lessons' }]);
  expect(values).toMatchObject({ 'until/5': 'none', 'until/6': 'none' });
  expect(targets.find(({ key }) => key === 'until/5')?.reason.text).toBe('key.nothing');
});

describe('POO-06 a timed key taken for a schedule', () => {
  test('mistake: a start and a stop in it; the plan takes them out', () => {
    const inForce = { 'from/5': 420, 'until/5': 1020, 'share/5': 60 };
    expect(texts(contextOf(FOUR_SPEEDS), inForce)).toContain('POO-06');
    const { values } = planned(FOUR_SPEEDS, DUTY, inForce);
    expect(values).toMatchObject({ 'from/5': 'none', 'until/5': 'none' });
  });
  test('near miss: a length alone is a timed run', () => {
    const values = { 'from/5': 'none', 'until/5': 45, 'share/5': 60 };
    expect(texts(contextOf(FOUR_SPEEDS), values)).not.toContain('POO-06');
    expect(planned(FOUR_SPEEDS, DUTY, values).values).toMatchObject(values);
  });
});

describe('POO-08, POO-09 of runs by hand', () => {
  const uncapped: PoolProfile = {
    ...TEN_SLOTS,
    behaviours: { ...TEN_SLOTS.behaviours, limitClamps: ['programs', 'prime'] },
  };
  test('mistake: a boost run that the limit does not cap passes the walls', () => {
    const found = checkSettings(contextOf(uncapped), 'found', {
      ...sound(contextOf(uncapped)),
      boostSpeed: 3200,
      boostTime: 60,
    }).find(({ text }) => text === 'POO-08.timed');
    expect(found?.severity).toBe('stop');
    expect(wordsOf(found)).toContain('The boost run turns at 3200 rev/min');
  });
  test('near miss: within the walls; or capped, which makes it weak instead', () => {
    expect(texts(contextOf(uncapped), { boostSpeed: 1500, boostTime: 60 })).not.toContain('POO-08.timed');
    const capped = texts(contextOf(), { boostSpeed: 3200, boostTime: 60 });
    expect(capped).not.toContain('POO-08.timed');
    expect(capped).toContain('POO-09');
  });
  test('a timed key above the limit is capped too, and told by its key', () => {
    const found = checkSettings(contextOf(FOUR_SPEEDS), 'found', {
      ...sound(contextOf(FOUR_SPEEDS)),
      top: 60,
      'from/6': 'none',
      'until/6': 30,
      'share/6': 90,
    }).find(({ text }) => text === 'POO-09');
    expect(wordsOf(found)).toContain('the timed run of key 6');
  });
});

describe('on the bench', () => {
  const context = contextOf();
  const still = { ...sound(context), 'enable/5': 'off', 'enable/6': 'off', boostSpeed: 2000, boostTime: 30 };
  const started = (at_s: number): BenchEvent => ({ kind: 'timed-run', at_s, until_s: null, amount: null });
  const day = (...events: BenchEvent[]): Scenario => ({ ...plainWeek(), days: 1, events });

  test('it ends by itself after its time, and says so', () => {
    const run = benchSheet(context, still, day(started(36_000)));
    expect(run.sums.run_h).toBeCloseTo(0.5, 3);
    const said = run.happenings.map(({ at_s, words }) => [at_s, words]);
    expect(said).toContainEqual([36_000, 'A timed run is on.']);
    expect(said).toContainEqual([37_799, 'The timed run is over: programs take over again.']);
  });
  test('the program of the hour takes over afterwards', () => {
    const values = { ...sound(context), boostSpeed: 2000, boostTime: 30 };
    const run = benchSheet(context, values, day(started(36_000)));
    const plain = benchSheet(context, values, day());
    expect(run.sums.volume_m3).toBeGreaterThan(plain.sums.volume_m3);
    expect(run.sums.run_h).toBeCloseTo(plain.sums.run_h, 1);
  });
  test('on hold it starts where a controller lets it run by hand meanwhile, and nowhere else', () => {
    const hold: BenchEvent = { kind: 'hold', at_s: 30_000, until_s: null, amount: null };
    const run = (lets: boolean) => {
      const { behaviours } = TEN_SLOTS;
      const profile = {
        ...TEN_SLOTS,
        behaviours: { ...behaviours, holds: { ...behaviours.holds, handRunDuring: lets } },
      };
      return benchSheet(contextOf(profile), still, day(hold, started(36_000)));
    };
    expect(run(true).sums.run_h).toBeCloseTo(0.5, 3);
    expect(run(false).sums.run_h).toBe(0);
    expect(run(false).happenings.map(({ words }) => words)).not.toContain('A timed run is on.');
  });
  test('a power cut ends it, and a pump without one takes no notice', () => {
    const cut: BenchEvent = { kind: 'power-cut', at_s: 36_600, until_s: 36_660, amount: null };
    expect(benchSheet(context, still, day(started(36_000), cut)).sums.run_h).toBeCloseTo(1 / 6, 2);
    const link = contextOf(LINK);
    const without = { ...sound(link), 'use/1': 'off' };
    expect(benchSheet(link, without, day(started(36_000))).sums).toEqual(
      benchSheet(link, without, day()).sums,
    );
  });
});

test('it is proved by being waited for; what goes on is named', () => {
  const context = contextOf(TEN_SLOTS, wanting(LESSONS));
  const { settings } = planPool(context);
  const check = proofChecks(context, settings).find(({ key }) => key === 'timed-boost');
  if (!check) throw new Error('There is no check of the boost run.');
  expect(check.expected.replace(/\u00a0/g, ' ')).toContain('ends after 45 min');
  const seen = (what: string) => judgeCheck(check, { check: check.key, seen: what, figures: {} });
  expect(seen('ends').ok).toBe(true);
  expect(seen('goes-on').pattern?.code).toBe('POO-06');
  expect(seen('stands').pattern?.code).toBe('POO-24');
});

test('the speed to be seen is the one that the controller lets through', () => {
  const seen = (limitClamps: PoolProfile['behaviours']['limitClamps']) => {
    const profile = { ...TEN_SLOTS, behaviours: { ...TEN_SLOTS.behaviours, limitClamps } };
    const context = contextOf(profile);
    const settings = understand(profile, context.plate, {
      ...sound(context),
      boostSpeed: 3000,
      boostTime: 30,
      limit: 2000,
    });
    return proofChecks(context, settings)
      .find(({ key }) => key === 'timed-boost')
      ?.method.replace(/\u00a0/g, ' ');
  };
  expect(seen(['programs', 'boost'])).toContain('2000 rev/min');
  expect(seen(['programs'])).toContain('3000 rev/min');
});
