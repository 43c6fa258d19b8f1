import { costInWeek, pricesOfWeek, seasonsOf, type WeekPrices } from '../../../schedule';
import { DAY_MIN } from '../../../time';
import type { PoolContext } from '../settings/context';
import { pumpOf } from './hydraulics';
import type { PoolSettings } from '../settings/understand';
import { trueWeek, type RunStretch } from './week';

/** The coldest hours end at sunrise, about this minute of a winter day. */
const SUNRISE_min = 8 * 60;

export interface FrostCost {
  /** what the guard adds on one frosty night, and on all of a year's, in the duty's currency */
  readonly night: number;
  readonly year: number;
  readonly speed_rpm: number;
}

/** The speed that frost guard runs at, with the limit where that caps it; null where it is off or not known. */
function guardSpeed({ profile }: PoolContext, { frost, greatest_rpm }: PoolSettings): number | null {
  if (!frost.on || frost.speed_rpm === null) return null;
  const capped = profile.behaviours.limitClamps.includes('frost');
  return capped ? Math.min(frost.speed_rpm, greatest_rpm) : frost.speed_rpm;
}

/** Whether a minute of the week lies in a frosty night of some hours, each night alike. */
function inFrost(minute: number, hours: number): boolean {
  const until = (SUNRISE_min - (minute % DAY_MIN) + DAY_MIN) % DAY_MIN;
  return until > 0 && until <= hours * 60;
}

/** A week with frost each night: where the guard is faster than the programs, it runs the pump. */
export function frostyWeek(
  context: PoolContext,
  settings: PoolSettings,
  week: readonly RunStretch[],
): RunStretch[] {
  const speed = guardSpeed(context, settings);
  if (speed === null) return [...week];
  const hours = context.profile.behaviours.frost?.hours ?? context.duty.frostNight.hours;
  return week.flatMap((stretch): RunStretch[] => {
    if (stretch.speed_rpm >= speed) return [stretch];
    const marks = [stretch.from, stretch.to];
    for (let day = 0; day < 8; day++) {
      for (const mark of [day * DAY_MIN + SUNRISE_min - hours * 60, day * DAY_MIN + SUNRISE_min]) {
        if (mark > stretch.from && mark < stretch.to) marks.push(mark);
      }
    }
    marks.sort((a, b) => a - b);
    return marks.slice(0, -1).map((from, i) => {
      const part = { ...stretch, from, to: marks[i + 1] };
      return inFrost(from, hours) ? { ...part, speed_rpm: speed, cause: 'frost' as const } : part;
    });
  });
}

/**
 * What frost guard costs on a frosty night on top of the programs, at the prices of the dearest season: the mean over the nights of a
 * week. Null where it is off or
 * its speed is not known.
 */
export function frostNightCost(context: PoolContext, settings: PoolSettings): FrostCost | null {
  const { duty } = context;
  const speed = guardSpeed(context, settings);
  if (speed === null) return null;
  const pump = pumpOf(duty);
  const week = trueWeek(context, settings);
  const frosty = frostyWeek(context, settings, week);
  // nobody knows the month of the frost: the dearest season counts
  const nights = seasonsOf(duty.tariff.windows).map(
    ([month]) => costIn(pricesOfWeek(duty.tariff.windows, month)) / 7,
  );
  const night = Math.max(...nights);
  return { night, year: night * duty.frostNight.perYear, speed_rpm: speed };

  function costIn(prices: WeekPrices): number {
    return frosty.reduce((cost, { from, to, cause }) => {
      if (cause !== 'frost') return cost;
      const running = week.find((one) => one.from <= from && from < one.to)?.speed_rpm ?? 0;
      const extra_W = pump.power_W(speed!) - (running > 0 ? pump.power_W(running) : 0);
      return cost + costInWeek(prices, from, to, extra_W).cost;
    }, 0);
  }
}
