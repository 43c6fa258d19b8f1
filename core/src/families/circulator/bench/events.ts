import { POWER_CUT, type EventBook } from '../../../bench';
import { varies } from '../effect/line';
import type { CirculatorContext } from '../settings/context';

/** What can be thrown at a circulator and its system. */
export const CIRCULATOR_EVENTS = {
  ...POWER_CUT,
  'contact-open': { name: 'Start contact opened', over: 'Start contact closed', amount: null },
  'wire-off': { name: 'The signal’s wire off', over: 'Wire back on', amount: null },
  'at-rest': { name: 'The site’s controller rests', over: 'The controller calls again', amount: null },
  'volts-low': {
    name: 'Volts drift to',
    over: 'Volts as they should be',
    amount: 'V',
    most: 24,
    notByTap: true,
  },
  'all-shut': { name: 'Every valve shut', over: 'Valves open again', amount: null },
  'lead-fails': { name: 'The lead of the twin fails', over: 'The lead is back', amount: null },
  'flap-leaks': {
    name: 'The flap valve of the twin leaks',
    over: 'The flap valve shuts tight',
    amount: null,
  },
  'link-silent': { name: 'The link falls silent', over: 'The link speaks again', amount: null },
  air: { name: 'Air in the loops', over: 'Air out', amount: null },
} as const satisfies EventBook;
export type CirculatorEvent = keyof typeof CIRCULATOR_EVENTS;

/** What can happen to this pump. */
export function eventsFor({ duty }: CirculatorContext): readonly CirculatorEvent[] {
  const by = duty.control.kind;
  return (Object.keys(CIRCULATOR_EVENTS) as CirculatorEvent[]).filter((kind) => {
    if (kind === 'lead-fails' || kind === 'flap-leaks') return duty.twin !== undefined;
    if (kind === 'all-shut') return varies(duty);
    if (kind === 'contact-open') return duty.contact === 'wired';
    if (kind === 'link-silent') return by === 'link';
    if (kind === 'volts-low' || kind === 'at-rest') return by === 'volts';
    if (kind === 'wire-off') return by === 'volts' || by === 'sensor';
    return true;
  });
}
