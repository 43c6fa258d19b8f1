import type { EventKind } from '../../../bench';
import { canRunTimed } from '../effect/timed-runs';
import type { PoolContext } from '../settings/context';

/** What can happen to this pump: a timed run needs a controller that has one. */
export function eventsFor({ profile }: PoolContext): readonly EventKind[] {
  return [
    'power-cut',
    'clock-off',
    'frost',
    'suction-blocked',
    'hand-run',
    ...(canRunTimed(profile) ? (['timed-run'] as const) : []),
    'hold',
  ];
}
