import type { EventKind } from '../../../bench';
import type { MeteringContext } from '../settings/context';

const ALWAYS: readonly EventKind[] = ['pressure', 'gas', 'tank-level', 'power-cut'];
const OF_METER: readonly EventKind[] = ['meter-bounce'];
const OF_WIRE: readonly EventKind[] = ['broken-wire', 'wrong-range'];
const OF_STOP: readonly EventKind[] = ['stop-asked', 'stop-open', 'wire-pulled'];

/** What can happen to this pump: a meter's bounce needs a meter, and a stop a contact that stops it. */
export function eventsFor({ duty }: MeteringContext): readonly EventKind[] {
  const signal = duty.signal.source === 'meter' ? OF_METER : OF_WIRE;
  return [...signal, ...ALWAYS, ...(duty.place.stopContact === true ? OF_STOP : [])];
}
