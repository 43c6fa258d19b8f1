import { POWER_CUT, type EventBook } from '../../../bench';
import { canRunTimed } from '../effect/timed-runs';
import type { PoolContext } from '../settings/context';

/** What can be thrown at a pool pump and its plant. */
export const POOL_EVENTS = {
  ...POWER_CUT,
  'clock-off': { name: 'Clock is off', over: 'Clock set right', amount: 'min ahead' },
  frost: { name: 'Frost', over: 'The frost is over', amount: 'K below freezing' },
  'suction-blocked': { name: 'Suction blocked', over: 'Suction clear again', amount: null },
  'hand-run': { name: 'Run by hand', over: 'Hand run stopped', amount: 'rev/min' },
  'timed-run': { name: 'A timed run is started', over: '', amount: null },
  hold: { name: 'Programs on hold', over: 'Hold released', amount: null },
} as const satisfies EventBook;
export type PoolEvent = keyof typeof POOL_EVENTS;

/** What can happen to this pump: a timed run needs a controller that has one. */
export function eventsFor({ profile }: PoolContext): readonly PoolEvent[] {
  const all = Object.keys(POOL_EVENTS) as PoolEvent[];
  return all.filter((kind) => kind !== 'timed-run' || canRunTimed(profile));
}
