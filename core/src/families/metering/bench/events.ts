import { POWER_CUT, type EventBook } from '../../../bench';
import type { MeteringContext } from '../settings/context';

/** What can be thrown at a metering pump and its plant. */
export const METERING_EVENTS = {
  'broken-wire': { name: 'Signal wire breaks', over: 'Signal wire repaired', amount: null },
  'wrong-range': { name: 'Transmitter sends the other range', over: 'Transmitter set right', amount: null },
  'meter-bounce': { name: 'Meter contact bounces', over: 'Meter contact clean again', amount: null },
  pressure: { name: 'Back pressure changes', over: 'Back pressure as before', amount: 'bar', most: 400 },
  gas: { name: 'Gas enters the head', over: '', amount: 'mL' },
  'tank-level': { name: 'Tank level changes', over: '', amount: 'L' },
  ...POWER_CUT,
  'stop-asked': { name: 'Plant asks it to stop', over: 'Plant lets it run', amount: null },
  'stop-open': {
    name: 'Stop contact open',
    over: 'Stop contact as before',
    amount: null,
    notByTap: true,
  },
  'wire-pulled': {
    name: 'Wire of the stop contact off',
    over: 'Wire of the stop contact back',
    amount: null,
  },
} as const satisfies EventBook;
export type MeteringEvent = keyof typeof METERING_EVENTS;

const ALWAYS: readonly MeteringEvent[] = ['pressure', 'gas', 'tank-level', 'power-cut'];
const OF_METER: readonly MeteringEvent[] = ['meter-bounce'];
const OF_WIRE: readonly MeteringEvent[] = ['broken-wire', 'wrong-range'];
const OF_STOP: readonly MeteringEvent[] = ['stop-asked', 'stop-open', 'wire-pulled'];

/** What can happen to this pump: a meter's bounce needs a meter, and a stop a contact that stops it. */
export function eventsFor({ duty }: MeteringContext): readonly MeteringEvent[] {
  const signal = duty.signal.source === 'meter' ? OF_METER : OF_WIRE;
  return [...signal, ...ALWAYS, ...(duty.place.stopContact === true ? OF_STOP : [])];
}
