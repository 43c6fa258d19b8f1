import { length_min } from '../../../schedule';
import { timeOfDay } from '../../../time';
import type { WeeklyEvent } from '../../../visit';
import type { PoolView } from '../kind';
import { wantedPrograms } from '../plan/plan';
import type { PoolContext } from '../settings/context';
import { knownPrograms, rulesOf, understand, type RunningProgram } from '../settings/understand';

/** The programs that a pool pump was left with, as events that come again each week; null without a duty. */
export function weeklyEvents({ context, values, document }: PoolView): WeeklyEvent[] | null {
  if (!context) return null;
  const settings = understand(context.profile, context.plate, values.force);
  const rules = rulesOf(context.profile);
  return knownPrograms(settings).flatMap((program) => {
    const lasts_min = length_min(program, rules);
    if (program.enabled === false || lasts_min === 0) return [];
    return [
      {
        key: `${program.slot}`,
        days: program.days,
        start_min: program.start,
        lasts_min,
        title: `${Math.round(program.speed)} rev/min`,
        words: `Program ${program.slot} of ${document.pump.tag}${nameOf(context, program)}, ${timeOfDay(program.start)} to ${timeOfDay(program.stop)}.`,
      },
    ];
  });
}

/** What the plan called it, in brackets. */
function nameOf(context: PoolContext, { start, stop }: RunningProgram): string {
  const wanted = wantedPrograms(context).find((program) => program.start === start && program.stop === stop);
  return wanted?.name ? ` (${wanted.name})` : '';
}
