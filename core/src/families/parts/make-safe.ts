import type { MakeSafeStep } from '../family';

/** Steps of making safe that every family of pump begins with. */
export const STOPPED: MakeSafeStep = {
  key: 'stopped',
  words: 'Pump stopped, and kept from being started from elsewhere: panel, building system, another phone.',
};
export const ISOLATED: MakeSafeStep = {
  key: 'isolated',
  words: 'Isolated and locked off before any hand goes in. A hold is not an isolation.',
};
