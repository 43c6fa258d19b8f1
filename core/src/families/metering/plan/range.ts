import { currentSignal } from '../wire/duty';
import type { Draft } from './draft';

/** The current range that the pump reads: the transmitter's own. */
export function planRange(draft: Draft): void {
  const signal = currentSignal(draft.context.duty);
  const live = signal.low_mA === 4;
  if (signal.source === 'controller' && signal.action === 'falling') {
    draft.choose('signal.range', live ? 'range.20-4' : 'range.20-0', { text: 'range.falling', values: {} });
    return;
  }
  draft.choose('signal.range', live ? 'range.4-20' : 'range.0-20', {
    text: live ? 'range.live' : 'range.dead',
    values: {},
  });
}

/**
 * What lies below the first point, and a broken wire. A falling line asks for most at its low end: a controller that stops below
 * its first point would cut off there at a hair under the range, so it holds where its watch stops a broken wire by itself.
 */
export function planBelowAndWire(draft: Draft): void {
  const { duty, profile } = draft.context;
  const signal = currentSignal(duty);
  const { brokenWire } = profile.behaviours;
  const watched = brokenWire !== undefined && brokenWire !== null && signal.low_mA === 4;
  const lost = signal.source === 'controller' ? signal.onLostSignal : 'stop';
  if (profile.behaviours.below === 'set') {
    const falling = signal.source === 'controller' && signal.action === 'falling';
    const stopsByWatch =
      watched && (brokenWire.reaction === 'set' ? lost === 'stop' : brokenWire.reaction === 'stop');
    if (falling && stopsByWatch)
      draft.choose('signal.below', 'below.hold', { text: 'below.falling', values: {} });
    else {
      const below = duty.choices.belowFirstPoint;
      draft.choose('signal.below', `below.${below}`, { text: `below.${below}`, values: {} });
    }
  }
  if (brokenWire?.reaction === 'set') {
    if (signal.low_mA === 0) {
      draft.choose('signal.broken-wire', 'broken-wire.off', { text: 'wire.off', values: {} });
    } else draft.choose('signal.broken-wire', `broken-wire.${lost}`, { text: `wire.${lost}`, values: {} });
  }
}
