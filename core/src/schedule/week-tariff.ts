import { InputError } from '../input';
import { DAY_MIN, DAY_NAMES, onDay, WEEK_MIN } from '../time';
import { checkedTariff, type PriceWindow } from './tariff';

/** A price with the days and the season it holds in. */
export interface TariffWindow extends PriceWindow {
  /** digits, 1 for Monday */
  readonly days: string;
  /** months from 1 to 12, both included; over the new year when the first is the later. Null: all year */
  readonly months: readonly [number, number] | null;
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const;
/** Mean weeks of a month. */
export const WEEKS_PER_MONTH = 365.25 / 12 / 7;

/** Whether a month lies in a season. */
export function inSeason(months: TariffWindow['months'], month: number): boolean {
  if (!months) return true;
  const [from, to] = months;
  return from <= to ? month >= from && month <= to : month >= from || month <= to;
}

/**
 * The prices of each day of a week in a month, Monday first. Throws an InputError on `prices` that names the day and the
 * month of a gap or an overlap.
 */
export function pricesOfWeek(tariff: readonly TariffWindow[], month: number): PriceWindow[][] {
  return DAY_NAMES.map((name, i) => {
    const today = tariff.filter(({ days, months }) => onDay(days, i + 1) && inSeason(months, month));
    try {
      return checkedTariff(today);
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      throw new InputError('prices', `${name} in ${MONTHS[month - 1]}: ${error.message}`);
    }
  });
}

/** Says at once whether a tariff covers every minute of the year once; throws an InputError on `prices` otherwise. */
export function checkedYear(tariff: readonly TariffWindow[]): void {
  for (let month = 1; month <= 12; month++) pricesOfWeek(tariff, month);
}

/** What a power costs from one minute of the week to another, and how much of it falls in the dearest window. */
export function costInWeek(
  week: readonly (readonly PriceWindow[])[],
  from: number,
  to: number,
  power_W: number,
): { readonly cost: number; readonly dearCost: number; readonly dear_min: number } {
  const dearest = Math.max(...week.flat().map(({ price }) => price));
  const least = Math.min(...week.flat().map(({ price }) => price));
  let cost = 0;
  let dearCost = 0;
  let dear_min = 0;
  for (let at = from; at < to;) {
    const day = Math.floor(at / DAY_MIN);
    const window = week[day % 7].find((one) => at - day * DAY_MIN < one.to)!;
    const until = Math.min(to, day * DAY_MIN + window.to, WEEK_MIN * Math.ceil((at + 1) / WEEK_MIN));
    const part = ((until - at) / 60) * (power_W / 1000) * window.price;
    cost += part;
    // one price all week has no dear hours
    if (window.price === dearest && dearest > least) {
      dearCost += part;
      dear_min += until - at;
    }
    at = until;
  }
  return { cost, dearCost, dear_min };
}
