import { timeOfDay } from '../../../time';
import { shown } from '../../parts/arrival-facts';
import { runsOf } from '../effect/cycles';
import type { SpaView } from '../kind';

const HEATING_SAID = {
  always: 'The pack heats whenever the water is too cool.',
  cycles: 'The pack heats only while a filter cycle runs.',
  low: 'The pack heats only to a low temperature; the set one is reached by hand.',
} as const;

/** When a spa pack runs and heats, for those who live with it; nothing where none of it is known. */
export function runsSaid({ settings }: SpaView): string[] {
  const { set_C, heating, timeOut_min, lockTemperature } = settings;
  const runs = runsOf(settings) ?? [];
  return [
    ...(set_C === null ? [] : [`The water is kept at ${shown('temperature', set_C)}.`]),
    ...(heating === null ? [] : [HEATING_SAID[heating]]),
    ...(runs.length === 0
      ? []
      : [
          `Filter cycles every day: ${runs.map(({ from, to }) => `${timeOfDay(from)} to ${timeOfDay(to)}`).join(', ')}.`,
        ]),
    ...(timeOut_min === null ? [] : [`Jets stop by themselves after ${shown('minutes', timeOut_min)}.`]),
    ...(lockTemperature === 'on' ? ['The temperature is locked.'] : []),
  ];
}
