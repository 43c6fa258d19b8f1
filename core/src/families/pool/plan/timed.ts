import { fig } from '../../../units';
import type { TimedRun } from '../wire/programs';
import { pumpOf, wallSpeed, WALL_WORDS } from '../effect/hydraulics';
import type { PoolDraft } from './draft';
import { speedRange } from './programs';
import { placed, roleAt } from '../settings/understand';
import { timedRunsOf } from '../effect/timed-runs';

/** Runs that end by themselves: on the keys that are made for them first, then as the boost run. */
export function planTimedRuns(draft: PoolDraft): void {
  const { duty, profile } = draft.context;
  const wanted = [...timedRunsOf(duty)];
  const keys = profile.behaviours.programs.timed;
  const reached = duty.place.childrenReach;
  for (const slot of keys) {
    if (reached) emptyKey(draft, slot);
    else {
      const run = wanted.shift();
      if (run) planKey(draft, slot, run);
      else clearSchedule(draft, slot);
    }
  }
  planBoost(draft, draft.has('boost.time') ? wanted.shift() : undefined);
  wanted.forEach(({ name }, i) =>
    draft.problems.push({ kind: reached && i < keys.length ? 'timed-reach' : 'timed-no-place', name }),
  );
}

/** No run by hand is set above what filter, cover and pipes are made for, whatever this controller's limit caps. */
function handSpeed(draft: PoolDraft, { speed_rpm }: TimedRun): number {
  return Math.min(speed_rpm, speedRange(draft.context).greatest_rpm);
}

function flowOf(draft: PoolDraft, speed_rpm: number) {
  return fig('waterFlow', pumpOf(draft.context.duty).flow_m3h(speed_rpm));
}

function planKey(draft: PoolDraft, slot: number, run: TimedRun): void {
  const { name, minutes } = run;
  const speed = handSpeed(draft, run);
  draft.choose('program.start', 'time.unused', { text: 'timed.start', values: {} }, slot);
  draft.set(
    'program.stop',
    minutes,
    { text: 'timed.length', values: { name, time: fig('minutes', minutes) } },
    slot,
  );
  draft.speed(
    'program.speed',
    speed,
    { text: 'timed.speed', values: { name, flow: flowOf(draft, speed) } },
    slot,
    'down',
  );
}

/** A schedule in a key for timed runs never runs: it is taken out, so that nobody counts on it. */
function clearSchedule(draft: PoolDraft, slot: number): void {
  const start = draft.settings().programs.find((program) => program.slot === slot)?.start ?? null;
  if (start !== null) unused(draft, slot, 'timed.none');
}

/** A key within children's reach starts nothing. */
function emptyKey(draft: PoolDraft, slot: number): void {
  unused(draft, slot, 'key.nothing');
}

function unused(draft: PoolDraft, slot: number, text: 'timed.none' | 'key.nothing'): void {
  if (!draft.hasOption('program.start', 'time.unused', slot)) return;
  draft.choose('program.start', 'time.unused', { text, values: {} }, slot);
  draft.choose('program.stop', 'time.unused', { text, values: {} }, slot);
}

function planBoost(draft: PoolDraft, run: TimedRun | undefined): void {
  if (run) {
    const { name, minutes } = run;
    const speed = handSpeed(draft, run);
    draft.speed(
      'boost.speed',
      speed,
      { text: 'timed.speed', values: { name, flow: flowOf(draft, speed) } },
      1,
      'down',
    );
    draft.set('boost.time', minutes, {
      text: 'timed.length',
      values: { name, time: fig('minutes', minutes) },
    });
    planBoostKey(draft, name);
    return;
  }
  const boost = draft.settings().boost_rpm ?? draft.defaultOf('boost.speed');
  if (boost === null) return;
  const wall = wallSpeed(draft.context.duty, pumpOf(draft.context.duty));
  const words = wall ? WALL_WORDS[wall.wall.what] : 'its full speed';
  const speed = Math.min(boost, speedRange(draft.context).greatest_rpm);
  draft.speed('boost.speed', speed, { text: 'boost.speed', values: { wall: words } }, 1, 'down');
}

/** The key that starts it: the one that does already, else the last; none within children's reach. */
function planBoostKey(draft: PoolDraft, name: string): void {
  const { duty, profile, inForce } = draft.context;
  const keys = placed(profile, 'key.function').filter((place) =>
    draft.hasOption('key.function', 'key.timed', place),
  );
  if (keys.length === 0) return;
  if (duty.place.childrenReach) {
    draft.problems.push({ kind: 'timed-reach', name });
    return;
  }
  const now = keys.find((place) => roleAt(profile, inForce, 'key.function', place) === 'key.timed');
  draft.choose(
    'key.function',
    'key.timed',
    { text: 'timed.key', values: { name } },
    now ?? keys[keys.length - 1],
  );
}
