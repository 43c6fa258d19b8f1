import { POWER_CUT, type EventBook } from '../../../bench';
import { measuredByTwo } from '../effect/set';
import type { DriveContext } from '../settings/context';

/** What can be thrown at a drive and what it feeds. */
export const DRIVE_EVENTS = {
  ...POWER_CUT,
  'tap-open': { name: 'A tap opens', over: 'The tap shuts', amount: 'm³/h', notByTap: true },
  'all-taps-shut': { name: 'Every tap shut', over: 'Taps as before', amount: null },
  'discharge-shut': { name: 'Discharge shut, a test', over: 'Discharge open again', amount: null },
  'inlet-high': { name: 'Most pressure at the inlet', over: 'Inlet as before', amount: null },
  'inlet-dry': { name: 'The inlet runs dry', over: 'Water at the inlet again', amount: null },
  'sensor-off': { name: 'The sensor’s wire off', over: 'Wire back on', amount: null },
  'signal-off': { name: 'The signal’s wire off', over: 'Signal back on', amount: null },
  'sides-swapped': { name: 'The two sensors swapped', over: 'Sensors on their own sides', amount: null },
  'lead-out': { name: 'The lead fails', over: 'The lead is back', amount: null },
  'address-twice': { name: 'Two get one address', over: 'Addresses apart again', amount: null },
  'gas-lost': { name: 'The vessel’s gas is lost', over: 'Gas filled up', amount: null },
  'pipe-burst': { name: 'A pipe bursts', over: 'Pipe repaired', amount: 'm³/h', notByTap: true },
} as const satisfies EventBook;
export type DriveEvent = keyof typeof DRIVE_EVENTS;

/** What can happen to this one. */
export function eventsFor({ duty }: DriveContext): readonly DriveEvent[] {
  const several = duty.pump.count > 1;
  return (Object.keys(DRIVE_EVENTS) as DriveEvent[]).filter((kind) => {
    if (kind === 'lead-out' || kind === 'address-twice') return several;
    if (kind === 'gas-lost') return duty.vessel !== null;
    if (kind === 'inlet-high')
      return duty.holds.kind !== 'difference' && duty.inlet.greatest_bar > duty.inlet.least_bar;
    if (kind === 'sensor-off') return duty.sensor !== null;
    if (kind === 'signal-off') return duty.holds.kind === 'signal';
    if (kind === 'sides-swapped') return measuredByTwo(duty);
    return true;
  });
}
