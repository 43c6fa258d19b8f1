/** What a drive holds, in a sentence. */
export const HOLDS_WORDS = {
  pressure: 'a pressure',
  difference: 'a pressure difference',
  speed: 'one speed',
  signal: 'the speed that a signal asks for',
} as const;
