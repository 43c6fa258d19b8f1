import { EVERY_DAY, timeOfDay } from '../../../time';
import type { WeeklyEvent } from '../../../visit';
import { runsOf } from '../effect/cycles';
import type { SpaView } from '../kind';
import { understand } from '../settings/understand';

const DAY_min = 1440;

/** The filter cycles that a pack was left with, as events that come again each day; null without a duty. */
export function weeklyEvents({ context, values, document }: SpaView): WeeklyEvent[] | null {
  if (!context) return null;
  const runs = runsOf(understand(context.profile, context.plate, values.force)) ?? [];
  return runs.map(({ from, to }, i) => ({
    key: `cycle-${i + 1}`,
    days: EVERY_DAY,
    start_min: from,
    lasts_min: to > from ? to - from : to + DAY_min - from,
    title: 'Filter cycle',
    words: `Filter cycle ${i + 1} of ${document.pump.tag}, ${timeOfDay(from)} to ${timeOfDay(to)}.`,
  }));
}
