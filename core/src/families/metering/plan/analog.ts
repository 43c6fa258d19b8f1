import type { Draft } from './draft';
import { planPlainRange } from './plain';
import { planFreePoints } from './points';
import { planBelowAndWire } from './range';

/** Analog mode: range or points, full rate from the transmitter's span, and what a lost signal does. */
export function planAnalog(draft: Draft): void {
  const { kind } = draft.context.profile.behaviours.analog;
  if (kind === 'none') draft.problems.push({ kind: 'no-mode', mode: 'analog' });
  else if (kind === 'plain') {
    planPlainRange(draft);
    planBelowAndWire(draft);
  } else planFreePoints(draft);
}
