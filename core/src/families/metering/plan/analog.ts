import type { Draft } from './draft';
import { planPlainRange } from './plain';
import { planFreePoints } from './points';
import { planBelowAndWire, planRange } from './range';

/** Analog mode: range or points, full rate from the transmitter's span, and what a lost signal does. */
export function planAnalog(draft: Draft): void {
  const { kind } = draft.context.profile.behaviours.analog;
  if (kind === 'none') draft.problems.push({ kind: 'no-mode', mode: 'analog' });
  else if (kind === 'plain') {
    draft.step(['signal.range'], () => planRange(draft));
    draft.step(['gear', 'stroke.length'], () => planPlainRange(draft));
    draft.step(['signal.below', 'signal.broken-wire'], () => planBelowAndWire(draft));
  } else {
    draft.step(['signal.below', 'signal.broken-wire'], () => planBelowAndWire(draft));
    planFreePoints(draft);
  }
}
