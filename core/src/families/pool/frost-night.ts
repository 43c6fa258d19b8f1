import { costInWeek, pricesOfWeek } from '../../schedule';
import { DAY_MIN, WEEK_MIN } from '../../time';
import { monthOf, type PoolContext } from './context';
import { SLOT_MIN } from './grid';
import { pumpOf } from './hydraulics';
import type { PoolSettings } from './settings';
import { trueWeek } from './week';

/** The coldest hours end at sunrise, about this minute of a winter day. */
const SUNRISE_min = 8 * 60;

export interface FrostCost {
  /** what the guard adds on one frosty night, and on all of a year's, in the duty's currency */
  readonly night: number;
  readonly year: number;
  readonly speed_rpm: number;
}

/**
 * What frost guard costs on a frosty night on top of the programs: the mean over the nights of a week. Null where it is off or
 * its speed is not known.
 */
export function frostNightCost(context: PoolContext, settings: PoolSettings): FrostCost | null {
  const { duty, profile } = context;
  const { on, speed_rpm } = settings.frost;
  if (!on || speed_rpm === null) return null;
  const speed = profile.behaviours.limitClamps.includes('frost')
    ? Math.min(speed_rpm, settings.greatest_rpm)
    : speed_rpm;
  const pump = pumpOf(duty);
  const week = trueWeek(context, settings);
  const prices = pricesOfWeek(duty.tariff.windows, monthOf(context.today));
  const hours = profile.behaviours.frost?.hours ?? duty.frostNight.hours;
  let sum = 0;
  for (let day = 0; day < 7; day++) {
    const end = day * DAY_MIN + SUNRISE_min;
    for (let at = end - hours * 60; at < end; at += SLOT_MIN) {
      const from = (at + WEEK_MIN) % WEEK_MIN;
      const running = week.find((one) => one.from <= from && from < one.to)?.speed_rpm ?? 0;
      if (running >= speed) continue;
      const extra_W = pump.power_W(speed) - (running > 0 ? pump.power_W(running) : 0);
      sum += costInWeek(prices, from, Math.min(from + SLOT_MIN, WEEK_MIN), extra_W).cost;
    }
  }
  const night = sum / 7;
  return { night, year: night * duty.frostNight.perYear, speed_rpm: speed };
}
