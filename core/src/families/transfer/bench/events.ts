import { POWER_CUT, type EventBook } from '../../../bench';
import type { TransferContext } from '../settings/context';

/** What can be thrown at a vessel and its pump. */
export const TRANSFER_EVENTS = {
  ...POWER_CUT,
  cleaning: { name: 'Cleaning inflow', over: 'Cleaning is over', amount: null },
  surge: { name: 'A surge', over: 'The surge is over', amount: 'm³/h', notByTap: true },
  'float-stuck': { name: 'The float sticks', over: 'The float is free', amount: null },
  foam: {
    name: 'Foam lifts the float',
    over: 'The foam has settled',
    amount: 'mm',
    most: 5000,
    notByTap: true,
  },
  'coolant-lost': { name: 'The coolant is lost', over: 'Coolant flows again', amount: null },
  'wrong-direction': { name: 'It turns the wrong way', over: 'It turns the right way', amount: null },
  'check-leaks': {
    name: 'The check valve leaks back',
    over: 'The check valve holds',
    amount: 'm³/h',
    notByTap: true,
  },
} as const satisfies EventBook;
export type TransferEvent = keyof typeof TRANSFER_EVENTS;

/** What can happen to this one. */
export function eventsFor({ duty }: TransferContext): readonly TransferEvent[] {
  return (Object.keys(TRANSFER_EVENTS) as TransferEvent[]).filter((kind) => {
    if (kind === 'coolant-lost') return duty.cooler !== null;
    if (kind === 'check-leaks') return duty.vessel.checkValve;
    return true;
  });
}
