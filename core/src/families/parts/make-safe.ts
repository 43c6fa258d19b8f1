import type { MakeSafeStep } from '../family';

/** Steps of making safe that every family of pump begins with. */
export const STOPPED: MakeSafeStep = {
  key: 'stopped',
  words: 'Pump stopped, and kept from being started from elsewhere: panel, building system, another phone.',
};
/** Said in the place of the steps before hands go in. */
export const KEYS_ONLY: MakeSafeStep = {
  key: 'no-hands',
  words: 'No hands go in on this visit: keys, eyes and instruments only.',
};
export const ISOLATED: MakeSafeStep = {
  key: 'isolated',
  words: 'Isolated and locked off before any hand goes in. A hold is not an isolation.',
  hands: true,
  power: true,
};
