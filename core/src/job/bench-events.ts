import { EVENT_WORDS, EVENTS_OF, type EventKind } from '../bench';
import type { FamilyContext } from '../families';
import { canRunTimed } from '../families/pool';
import { isPool } from './context';

/** What can happen to this pump: a meter's bounce needs a meter, a timed run a controller that has one. */
export function eventsFor(context: FamilyContext): readonly EventKind[] {
  if (isPool(context)) {
    return EVENTS_OF.pool.filter((kind) => kind !== 'timed-run' || canRunTimed(context.profile));
  }
  const { duty } = context;
  const meter = duty.signal.source === 'meter';
  return EVENTS_OF.metering.filter((kind) => {
    if (kind === 'meter-bounce') return meter;
    if (kind === 'broken-wire' || kind === 'wrong-range') return !meter;
    if (kind === 'stop-asked' || kind === 'stop-open' || kind === 'wire-pulled')
      return duty.place.stopContact === true;
    return true;
  });
}

/** Those of them that one tap is enough for. */
export function thrownAtATap(context: FamilyContext): readonly EventKind[] {
  return eventsFor(context).filter((kind) => EVENT_WORDS[kind].amount === null && kind !== 'stop-open');
}
