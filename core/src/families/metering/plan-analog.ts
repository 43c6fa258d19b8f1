import type { Draft } from './plan-draft';
import { planPlainRange } from './plan-plain';
import { planFreePoints } from './plan-points';
import { planBelowAndWire } from './plan-range';

/** Analog mode: range or points, full rate from the transmitter's span, and what a lost signal does. */
export function planAnalog(draft: Draft): void {
  const { kind } = draft.context.profile.behaviours.analog;
  if (kind === 'none') draft.problems.push({ kind: 'no-mode', mode: 'analog' });
  else if (kind === 'plain') {
    planPlainRange(draft);
    planBelowAndWire(draft);
  } else planFreePoints(draft);
}
