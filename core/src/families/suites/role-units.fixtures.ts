/** For tests only: units of other countries by role, with how a figure of the shipped profiles is brought to them. */
const fahrenheit = (celsius: number) => celsius * 1.8 + 32;
const kelvinInF = (kelvin: number) => kelvin * 1.8;
const seconds = (minutes: number) => minutes * 60;

export const BLANK_UNITS: Record<string, readonly [string, (value: number) => number]> = {
  'frost.temperature': ['°F', fahrenheit],
  'heat.pool': ['°F', fahrenheit],
  'heat.tub': ['°F', fahrenheit],
  'chlorinator.cold': ['°F', fahrenheit],
  'solar.start': ['°F', kelvinInF],
  'solar.stop': ['°F', kelvinInF],
  'sensor.water': ['°F', kelvinInF],
  'sensor.air': ['°F', kelvinInF],
  'sensor.roof': ['°F', kelvinInF],
  'prime.time': ['s', seconds],
  'heat.after-run': ['s', seconds],
  'delay.cleaner': ['s', seconds],
};
