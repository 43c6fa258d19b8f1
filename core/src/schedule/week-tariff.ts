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
/** Months in words: `Jan, Feb, Nov, Dec` as they follow each other, runs joined: `Nov–Feb`. */
export function monthsInWords(months: readonly number[]): string {
  const has = (month: number) => months.includes(((month - 1 + 12) % 12) + 1);
  if (months.length === 12) return 'all year';
  return months
    .filter((month) => !has(month - 1))
    .map((first) => {
      let last = first;
      while (has(last + 1)) last += 1;
      const name = (month: number) => MONTHS[(month - 1) % 12];
      return last === first ? name(first) : `${name(first)}–${name(last)}`;
    })
    .join(', ');
}

/** Mean weeks of a month. */
export const WEEKS_PER_MONTH = 365.25 / 12 / 7;

/** Whether a month lies in a season. */
export function inSeason(months: TariffWindow['months'], month: number): boolean {
  if (!months) return true;
  const [from, to] = months;
  return from <= to ? month >= from && month <= to : month >= from || month <= to;
}

/** The prices of a week in one month. */
export interface WeekPrices {
  /** of each day, Monday first */
  readonly days: readonly (readonly PriceWindow[])[];
  readonly dearest: number;
  readonly least: number;
}

/**
 * The prices of a week in a month. Throws an InputError on `prices` that names the day and the month of a gap or an
 * overlap.
 */
export function pricesOfWeek(tariff: readonly TariffWindow[], month: number): WeekPrices {
  const days = DAY_NAMES.map((name, i) => {
    const today = tariff.filter(({ days, months }) => onDay(days, i + 1) && inSeason(months, month));
    try {
      return checkedTariff(today);
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      throw new InputError('prices', `${name} in ${MONTHS[month - 1]}: ${error.message}`);
    }
  });
  const all = days.flat().map(({ price }) => price);
  return { days, dearest: Math.max(...all), least: Math.min(...all) };
}

/** The months of a year by the windows that hold in them: within one of these groups every week has the same prices. */
export function seasonsOf(tariff: readonly TariffWindow[]): number[][] {
  const groups = new Map<string, number[]>();
  for (let month = 1; month <= 12; month++) {
    const key = tariff.map(({ months }) => (inSeason(months, month) ? '1' : '0')).join('');
    groups.set(key, [...(groups.get(key) ?? []), month]);
  }
  return [...groups.values()];
}

/** Says at once whether a tariff covers every minute of the year once; throws an InputError on `prices` otherwise. */
export function checkedYear(tariff: readonly TariffWindow[]): void {
  for (const [month] of seasonsOf(tariff)) pricesOfWeek(tariff, month);
}

/** What a power costs from one minute of the week to another, and how much of it falls in the dearest window. */
export function costInWeek(
  { days, dearest, least }: WeekPrices,
  from: number,
  to: number,
  power_W: number,
): { readonly cost: number; readonly dearCost: number; readonly dear_min: number } {
  let cost = 0;
  let dearCost = 0;
  let dear_min = 0;
  for (let at = from; at < to;) {
    const day = Math.floor(at / DAY_MIN);
    const window = days[day % 7].find((one) => at - day * DAY_MIN < one.to)!;
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
