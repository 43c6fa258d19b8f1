import { POWER_CUT, type EventBook } from '../../../bench';
import { parameterWithRole } from '../../../profile';
import { canRunTimed } from '../effect/timed-runs';
import type { PoolContext } from '../settings/context';

/** What can be thrown at a pool pump and its plant. */
export const POOL_EVENTS = {
  ...POWER_CUT,
  'clock-off': { name: 'Clock is off', over: 'Clock set right', amount: 'min ahead', most: 720 },
  frost: { name: 'Frost', over: 'The frost is over', amount: 'K below freezing', most: 60 },
  'suction-blocked': { name: 'Suction blocked', over: 'Suction clear again', amount: null },
  'hand-run': { name: 'Run by hand', over: 'Hand run stopped', amount: 'rev/min', most: 10_000 },
  'timed-run': { name: 'A timed run is started', over: '', amount: null },
  hold: { name: 'Programs on hold', over: 'Hold released', amount: null },
  stopped: { name: 'Stopped until resumed', over: 'Resumed', amount: null },
  'timed-hold': { name: 'A timed hold is started', over: '', amount: null },
  'chlorine-boost': { name: 'The chlorinator is put on boost', over: '', amount: null },
} as const satisfies EventBook;
export type PoolEvent = keyof typeof POOL_EVENTS;

/** What can happen to this pump: what ends by itself needs a controller that has it, and says for how long. */
export function eventsFor({ duty, profile }: PoolContext): readonly PoolEvent[] {
  const { holds, chlorinatorBoost_h } = profile.behaviours;
  const modes = parameterWithRole(profile, 'mode')?.options ?? [];
  const there: Partial<Record<PoolEvent, boolean>> = {
    stopped: modes.some(({ role }) => role === 'mode.stopped'),
    'timed-run': canRunTimed(profile),
    'timed-hold':
      holds.timed && (holds.timed_min !== undefined || parameterWithRole(profile, 'hold.time') !== undefined),
    'chlorine-boost': duty.chlorinator !== null && chlorinatorBoost_h !== undefined,
  };
  return (Object.keys(POOL_EVENTS) as PoolEvent[]).filter((kind) => there[kind] ?? true);
}
