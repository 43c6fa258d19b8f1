/** What can be tried at a metering pump. */
export const CHECK_KEYS = [
  'pulses',
  'stop-open',
  'stop-closed',
  'stop-wire',
  'stop-first',
  'level-warn',
  'level-stop',
  'prime',
  'throttle',
  'holds',
  'power-cut',
  'pulses-ceiling',
  'manual-rate',
  'manual-flow',
  'batch',
  'timer',
  'gas-bubble',
  'gas-stir',
  'slow-flow',
] as const;
export type CheckKey = (typeof CHECK_KEYS)[number];
