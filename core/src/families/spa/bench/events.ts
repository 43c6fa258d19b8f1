import { POWER_CUT, type EventBook } from '../../../bench';
import type { SpaContext } from '../settings/context';

/** What can be thrown at a tub and its pack. */
export const SPA_EVENTS = {
  ...POWER_CUT,
  'cover-off': { name: 'The cover is left off', over: 'The cover is back', amount: null },
  'cold-snap': { name: 'A cold snap', over: 'Air as before', amount: 'K', most: 60 },
  bathing: { name: 'Somebody bathes', over: 'Nobody bathes', amount: null },
  'clock-lost': { name: 'The clock is lost', over: '', amount: null },
  'output-dead': { name: 'The pump that circulates stands dead', over: 'Runs again', amount: null },
  'heater-scaled': {
    name: 'The heater scales up',
    over: 'A new heater',
    amount: '%',
    most: 100,
    notByTap: true,
  },
} as const satisfies EventBook;
export type SpaEvent = keyof typeof SPA_EVENTS;

/** What can happen to this one. */
export function eventsFor({ profile }: SpaContext): readonly SpaEvent[] {
  const { hasClock } = profile.behaviours;
  return (Object.keys(SPA_EVENTS) as SpaEvent[]).filter((kind) => kind !== 'clock-lost' || hasClock);
}
