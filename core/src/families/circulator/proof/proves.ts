/** What is tried again after a setting was changed, by its role: beginnings of the keys of checks. */
export const PROVES: Readonly<Record<string, readonly string[]>> = {
  'control.source': ['flow', 'head'],
  mode: ['flow', 'head', 'power'],
  head: ['head', 'flow', 'power'],
  speed: ['flow', 'head', 'power'],
  'volts.off': ['flow'],
  'volts.on': ['flow'],
  'volts.full': ['flow', 'head'],
  'sensor.kind': ['head'],
  'sensor.range': ['head'],
  'power.after-cut': ['supply-cut'],
  temperature: ['far-end'],
  'run.from': ['far-end'],
  'run.to': ['far-end'],
  'twin.part': ['twin-runs'],
  'twin.way': ['twin-runs', 'twin-change'],
  'twin.hours': ['twin-change'],
};
