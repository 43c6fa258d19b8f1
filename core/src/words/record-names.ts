const NAMES: Readonly<Record<string, string | undefined>> = {
  'make-safe': 'a step of “make safe”',
  'power-back': 'the return of the power',
  identify: 'the plate',
  clock: 'the clock',
  messages: 'the messages',
  check: 'a check',
  reset: 'a reset',
  automatic: 'the return to automatic',
  'discharge-safe': 'the safe discharge',
  'broken-off': 'breaking off',
  resumed: 'going on',
  cancelled: 'cancelling the job',
  'looked-at': 'looked at only',
  note: 'a note',
  'for-owner': 'the page for the owner',
  'duty-part': 'answers of the duty',
  'taken-back': 'a slip taken back',
};

/** A record of any pump, as a person would name what they wrote down; undefined for one that a family alone writes. */
export function recordName(kind: string): string | undefined {
  return Object.hasOwn(NAMES, kind) ? NAMES[kind] : undefined;
}
