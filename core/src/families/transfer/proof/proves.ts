/** What is tried again after a setting was changed, by its role: beginnings of the keys of checks. */
export const PROVES: Readonly<Record<string, readonly string[]>> = {
  'motor.speed': ['greatest-flow'],
  'speed.least': ['delivered'],
  'speed.greatest': ['greatest-flow', 'delivered'],
  control: ['starts-stops'],
  'level.bottom': ['starts-stops'],
  'level.top': ['starts-stops'],
  gain: ['starts-stops'],
  averaging: ['starts-stops'],
  'run-on': ['starts-stops'],
  'taught.bottom': ['float', 'starts-stops'],
  'taught.top': ['float', 'starts-stops'],
  'emptying.every': ['empties'],
  'cleaning.speed': ['greatest-flow'],
  'alarm.high': ['alarm'],
  'power.after-cut': ['supply-cut'],
};
