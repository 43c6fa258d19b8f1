/** What is tried again after a setting was changed, by its role: beginnings of the keys of checks. */
export const PROVES: Readonly<Record<string, readonly string[]>> = {
  number: ['number-back', 'output', 'clamp'],
  switch: ['page-gone', 'output', 'clamp'],
  set: ['warms'],
  heating: ['warms', 'cycle-starts'],
  'sensor.offset': ['warms'],
  'cycle.start': ['cycle-starts'],
  'cycle.length': ['cycle-starts'],
  'cycle.interval': ['cycle-starts'],
  'jets.time-out': ['output'],
};
