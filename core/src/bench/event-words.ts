import type { EventKind } from './scenario';
import type { Change } from './timeline';

/** What each event is called, and what its amount is in. */
export const EVENT_WORDS: Readonly<
  Record<EventKind, { readonly name: string; readonly over: string; readonly amount: string | null }>
> = {
  'broken-wire': { name: 'Signal wire breaks', over: 'Signal wire mended', amount: null },
  'wrong-range': { name: 'Transmitter sends the other range', over: 'Transmitter set right', amount: null },
  'meter-bounce': { name: 'Meter contact bounces', over: 'Meter contact clean again', amount: null },
  pressure: { name: 'Back pressure changes', over: 'Back pressure as before', amount: 'bar' },
  gas: { name: 'Gas enters the head', over: '', amount: 'mL' },
  'tank-level': { name: 'Tank level changes', over: '', amount: 'L' },
  'power-cut': { name: 'Power cut', over: 'Power returns', amount: null },
  'stop-asked': { name: 'Plant asks it to stop', over: 'Plant lets it run', amount: null },
  'stop-open': { name: 'Stop contact open', over: 'Stop contact as before', amount: null },
  'wire-pulled': {
    name: 'Wire of the stop contact off',
    over: 'Wire of the stop contact back',
    amount: null,
  },
  'clock-off': { name: 'Clock is off', over: 'Clock set right', amount: 'min ahead' },
  frost: { name: 'Frost', over: 'The frost is over', amount: 'K below freezing' },
  'suction-blocked': { name: 'Suction blocked', over: 'Suction clear again', amount: null },
  'hand-run': { name: 'Run by hand', over: 'Hand run stopped', amount: 'rev/min' },
  'timed-run': { name: 'A timed run is started', over: '', amount: null },
  hold: { name: 'Programs on hold', over: 'Hold released', amount: null },
};

/** True of an event that happens in a moment and leaves something behind: it has no end. */
export function happensAtOnce(kind: EventKind): boolean {
  return EVENT_WORDS[kind].over === '';
}

/** A change in words. */
export function wordsOfChange({ begins, event }: Change): string {
  const words = EVENT_WORDS[event.kind];
  if (!begins) return `${words.over}.`;
  return event.amount === null || words.amount === null
    ? `${words.name}.`
    : `${words.name}: ${event.amount} ${words.amount}.`;
}
