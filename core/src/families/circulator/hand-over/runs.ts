import { timeOfDay } from '../../../time';
import { shown } from '../../parts/arrival-facts';
import { afterCutSaid } from '../../parts/runs-words';
import type { CirculatorView } from '../kind';
import type { CirculatorSettings } from '../settings/understand';
import { MODE_WORDS } from '../wire/behaviours';
import { SYSTEM_WORDS } from '../wire/duty';

/** When a circulator runs and why, for those who live with it; nothing where its mode is not known. */
export function runsSaid({ settings, context }: CirculatorView): string[] {
  const { mode, contact, afterCut } = settings;
  if (mode === null) return [];
  const system = context?.duty.system;
  return [
    ...(system && system !== 'unknown' ? [`The pump serves ${SYSTEM_WORDS[system]}.`] : []),
    whenSaid(mode, settings),
    ...(contact === 'used' ? ['The pump runs only while its start contact is closed.'] : []),
    ...(settings.night === 'on' ? ['The pump slows down by itself at night, when the flow cools.'] : []),
    ...afterCutSaid(afterCut),
  ];
}

function whenSaid(mode: NonNullable<CirculatorSettings['mode']>, settings: CirculatorSettings): string {
  const { head_m, share, temperature_C, runs, runsKnown } = settings;
  switch (mode) {
    case 'clock':
      return runsKnown && runs.length > 0
        ? `The pump runs by its clock: ${runs.map(({ from, to }) => `${timeOfDay(from)} to ${timeOfDay(to)}`).join(', ')}.`
        : 'The pump runs by its clock.';
    case 'temperature':
      return temperature_C === null
        ? 'The pump runs when the return is too cool.'
        : `The pump runs until the return has ${shown('temperature', temperature_C)}.`;
    case 'fixed':
      return `The pump runs at one speed${share === null ? '' : `: ${shown('percent', share * 100)} of its maximum`}.`;
    case 'self':
      return 'The pump runs all the time and sets its speed by itself.';
    case 'constant':
    case 'proportional':
      return `The pump runs all the time at ${MODE_WORDS[mode]}${head_m === null ? '' : `, set to ${shown('head', head_m)}`}: as valves close, it slows down.`;
  }
}
