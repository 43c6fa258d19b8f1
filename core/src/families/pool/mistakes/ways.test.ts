import { optionWithRole, parameterWithRole, type SettingValues } from '../../../profile';
import { EVERY_DAY } from '../../../time';
import { chlorinatorHours } from '../effect/treatment';
import { settingsOf } from '../settings/pumping';
import { checkSettings } from '../checks/checks';
import { shipped } from '../../suites/shipped.fixtures';
import { DUTY, contextOf, panel, PANEL, sound, TEN_SLOTS } from '../fixtures';
import type { PoolContext } from '../settings/context';
import type { PoolProfile } from '../wire/job';
import type { PoolOptionRole, PoolRole } from '../settings/roles';

/** Too much or too little of one setting, and one step nearer to what is right. */
const keyOf = (role: PoolRole, profile: PoolProfile = PANEL) => parameterWithRole(profile, role)!.key;
const saying = (context: PoolContext, change: SettingValues) =>
  checkSettings(context, 'found', { ...sound(context), ...change }).map(({ text }) => text);

test.each<[string, number, number]>([
  ['POO-11.late', 1, 2],
  ['POO-11.often', 8, 7],
])('%s: mistake: frost guard at %d °C; near miss: at %d °C', (text, slip, near) => {
  const circuits = [{ ...DUTY.circuits[0], exposed: true }];
  const context = contextOf(TEN_SLOTS, { ...DUTY, winter: 'light', circuits });
  const at = keyOf('frost.temperature', TEN_SLOTS);
  expect(saying(context, { [at]: slip })).toContain(text);
  expect(saying(context, { [at]: near })).not.toContain(text);
});

test('POO-14.cool: set more than a degree under what was agreed; near miss: a degree', () => {
  const at = keyOf('heat.pool');
  const agreed = panel().duty.heat!.pool_C;
  expect(saying(panel(), { [at]: agreed - 1.5 })).toContain('POO-14.cool');
  expect(saying(panel(), { [at]: agreed - 1 })).not.toContain('POO-14.cool');
});

test('POO-14.off: heating is off where a temperature was agreed; near miss: as planned', () => {
  const source = parameterWithRole(PANEL, 'heat.source')!;
  const off = { [source.key]: optionWithRole(source, 'heat.off')! };
  expect(saying(panel(), off)).toContain('POO-14.off');
  expect(saying(panel(), {})).not.toContain('POO-14.off');
});

test('PRO-02: a chlorinator that is set to nothing, or to more than half over what is needed; near misses a step on', () => {
  const context = panel();
  const { needed_gpd, rated_gph } = context.duty.chlorinator!;
  const hours = chlorinatorHours(context, settingsOf(context, sound(context)))!;
  const most = Math.floor(((needed_gpd * 1.5) / (rated_gph * hours)) * 100);
  const at = keyOf('chlorinator.output');
  expect(saying(context, { [at]: most + 1 })).toContain('PRO-02.much');
  expect(saying(context, { [at]: most })).not.toContain('PRO-02.much');
  expect(saying(context, { [at]: 0 })).toContain('PRO-02.off');
  expect(saying(context, { [at]: 1 })).not.toContain('PRO-02.off');
});

const chosen = (role: PoolRole, option: PoolOptionRole, profile: PoolProfile = PANEL) => {
  const parameter = parameterWithRole(profile, role)!;
  return { [parameter.key]: optionWithRole(parameter, option)! };
};

test('ANY-11.stays: a menu that stays open for more than a quarter of an hour; near misses: that, or nobody else there', () => {
  const at = keyOf('access.time-out', TEN_SLOTS);
  const context = contextOf(TEN_SLOTS, DUTY);
  expect(saying(context, { [at]: 16 })).toContain('ANY-11.stays');
  expect(saying(context, { [at]: 15 })).not.toContain('ANY-11.stays');
  const alone = contextOf(TEN_SLOTS, { ...DUTY, place: { childrenReach: false, othersReach: false } });
  expect(saying(alone, { [at]: 16 })).not.toContain('ANY-11.stays');
});

test('ANY-11.edits: speed keys that change a program where others reach them; near misses: a menu for it, or nobody else there', () => {
  const keyed = shipped('pool-drive-two-programs') as PoolProfile;
  const others = { ...DUTY, place: { childrenReach: false, othersReach: true } };
  expect(saying(contextOf(keyed, others), {})).toContain('ANY-11.edits');
  expect(saying(contextOf(TEN_SLOTS, others), {})).not.toContain('ANY-11.edits');
  const alone = { ...others, place: { ...others.place, othersReach: false } };
  expect(saying(contextOf(keyed, alone), {})).not.toContain('ANY-11.edits');
});

test('POO-27.hold, POO-24.short: a timed hold longer than the water may stand; near misses: as long, no such rule, or no timed hold', () => {
  const slots = shipped('pool-drive-eight-slots') as PoolProfile;
  const ruled = contextOf(slots, { ...DUTY, longestPause_min: 120 });
  expect(saying(ruled, { holdLength: 125 })).toContain('POO-27.hold');
  expect(saying(ruled, { holdLength: 120 })).not.toContain('POO-27.hold');
  // and too short for any work; near miss: a quarter of an hour
  expect(saying(ruled, { holdLength: 10 })).toContain('POO-24.short');
  expect(saying(ruled, { holdLength: 15 })).not.toContain('POO-24.short');
  const free = contextOf(slots, { ...DUTY, longestPause_min: null });
  expect(saying(free, { holdLength: 600 })).not.toContain('POO-27.hold');
  const holds = { ...slots.behaviours.holds, timed: false };
  const none = { ...slots, behaviours: { ...slots.behaviours, holds } };
  expect(saying(contextOf(none, { ...DUTY, longestPause_min: 120 }), { holdLength: 600 })).not.toContain(
    'POO-27.hold',
  );
});

test('ANY-12.water: it waits for a person after a cut; near miss: a person chose it', () => {
  const waits = chosen('power.after-cut', 'after-cut.wait', TEN_SLOTS);
  expect(saying(contextOf(TEN_SLOTS, DUTY), waits)).toContain('ANY-12.water');
  const meant = contextOf(TEN_SLOTS, { ...DUTY, choices: { afterCut: 'wait' } });
  expect(saying(meant, waits)).not.toContain('ANY-12.water');
});

test('POO-09.slow: a boost a step slower than the fastest program; near miss: as fast', () => {
  const context = contextOf(TEN_SLOTS, DUTY);
  const speeds = settingsOf(context, sound(context)).programs.flatMap(({ enabled, speed_rpm }) =>
    enabled && speed_rpm !== null ? [speed_rpm] : [],
  );
  const fastest = Math.max(...speeds);
  const boost = { [keyOf('boost.time', TEN_SLOTS)]: 30 };
  const at = keyOf('boost.speed', TEN_SLOTS);
  expect(saying(context, { ...boost, [at]: fastest - 10 })).toContain('POO-09.slow');
  expect(saying(context, { ...boost, [at]: fastest })).not.toContain('POO-09.slow');
});

test('POO-14.other: a tub is selected where only the pool is to be heated; near miss: both are', () => {
  const tub = chosen('heat.body', 'body.tub');
  expect(saying(panel(), tub)).toContain('POO-14.other');
  const both = panel({ heat: { ...panel().duty.heat!, tub_C: 36, warmest_C: 38 } });
  expect(saying(both, tub)).not.toContain('POO-14.other');
});

test.each<[string, PoolRole, number, number]>([
  ['POO-15.late', 'solar.start', 8.5, 8],
  ['POO-15.cools', 'solar.stop', 0.5, 1],
])('%s: %s at %d K; near miss at %d K', (text, role, slip, near) => {
  expect(saying(panel(), { [keyOf(role)]: slip })).toContain(text);
  expect(saying(panel(), { [keyOf(role)]: near })).not.toContain(text);
});

test('POO-16.late: a cleaner that waits for more than a fifth of its two hours; near miss: a fifth', () => {
  const needs = [{ circuit: 'Cleaner', days: EVERY_DAY, from: 720, to: 840, hours: null }];
  const context = panel({ needs });
  expect(saying(context, { [keyOf('delay.cleaner')]: 25 })).toContain('POO-16.late');
  expect(saying(context, { [keyOf('delay.cleaner')]: 24 })).not.toContain('POO-16.late');
});

test('POO-17.idle: a cut-out above the water that there is; near miss: at it', () => {
  const context = panel({ water_C: 15 });
  expect(saying(context, { [keyOf('chlorinator.cold')]: 16 })).toContain('POO-17.idle');
  expect(saying(context, { [keyOf('chlorinator.cold')]: 15 })).not.toContain('POO-17.idle');
});

test('PRO-02.set: a chlorinator a step under 95 in 100 of what is needed; near miss: a step on', () => {
  // 20 g/h over 18 h of flow, and 180 g are needed
  const at = keyOf('chlorinator.output');
  expect(saying(panel(), { [at]: 47 })).toContain('PRO-02.set');
  expect(saying(panel(), { [at]: 48 })).not.toContain('PRO-02.set');
});

test('ANY-12.lost: a clock that keeps for less than four hours; near miss: for four', () => {
  const keeping = (keeps_h: number) => {
    const clock = { ...TEN_SLOTS.behaviours.clock, keeps_h };
    return contextOf({ ...TEN_SLOTS, behaviours: { ...TEN_SLOTS.behaviours, clock } }, DUTY);
  };
  expect(saying(keeping(3.9), {})).toContain('ANY-12.lost');
  expect(saying(keeping(4), {})).not.toContain('ANY-12.lost');
});
