import { daysInWords, timeOfDay } from '../../../time';
import { capital } from '../../../words';
import { shown } from '../../parts/arrival-facts';
import { afterCutSaid } from '../../parts/runs-words';
import type { PoolView } from '../kind';
import { weeklyEvents } from './weekly-events';

const MODE_SAID = {
  hold: 'Its programs are held off: nothing runs before the hold is released.',
  stopped: 'The pump is set to be stopped: no program runs before it is set to automatic.',
  manual: 'The pump is set to run by hand: it goes on as it was started.',
} as const;
const COMMAND_SAID = {
  relay: 'Another controller starts and stops it, over wires.',
  link: 'The pool’s own controller runs it, over a data link.',
} as const;
const DAY_min = 1440;

/** When a pool pump runs and why, for those who live with it; nothing where none of it is known. */
export function runsSaid(view: PoolView): string[] {
  const { settings } = view;
  const { mode, command, frost, heat } = settings;
  const events = weeklyEvents(view) ?? [];
  const lines = [
    ...(mode && mode !== 'automatic' ? [MODE_SAID[mode]] : []),
    ...(command && command !== 'own' ? [COMMAND_SAID[command]] : []),
    ...events.map(
      ({ days, start_min, lasts_min, title }) =>
        `${capital(daysInWords(days))}, ${hoursSaid(start_min, lasts_min)}: ${title}.`,
    ),
    ...(heat.pool_C !== null && heat.source !== 'off' && heat.source !== null
      ? [`The pool is heated to ${shown('temperature', heat.pool_C)}.`]
      : []),
    ...(frost.on && frost.below_C !== null
      ? [`Below ${shown('temperature', frost.below_C)} it runs by itself, so that nothing freezes.`]
      : []),
  ];
  return lines.length === 0 ? [] : [...lines, ...afterCutSaid(settings.afterPowerCut)];
}

const hoursSaid = (start_min: number, lasts_min: number) =>
  lasts_min >= DAY_min
    ? 'all day'
    : `${timeOfDay(start_min)} to ${timeOfDay((start_min + lasts_min) % DAY_min)}`;
