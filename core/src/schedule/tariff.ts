import { InputError } from '../input';
import { DAY_MIN, timeOfDay as clock } from '../time';

/** A price for a stretch of the day, in the site's own currency for each kWh. */
export interface PriceWindow {
  readonly from: number;
  readonly to: number;
  readonly price: number;
}

/** Windows that cover the day once, in order. Throws an InputError on `prices` for a gap or an overlap. */
export function checkedTariff(windows: readonly PriceWindow[]): PriceWindow[] {
  const sorted = [...windows].sort((a, b) => a.from - b.from);
  let until = 0;
  for (const { from, to } of sorted) {
    if (to <= from)
      throw new InputError('prices', `A window from ${clock(from)} cannot end at ${clock(to)}.`);
    if (from > until) {
      throw new InputError('prices', `No price from ${clock(until)} to ${clock(from)}.`);
    }
    if (from < until) {
      throw new InputError('prices', `Two prices from ${clock(from)} to ${clock(Math.min(to, until))}.`);
    }
    until = to;
  }
  if (until !== DAY_MIN) throw new InputError('prices', `No price from ${clock(until)} to 24:00.`);
  return sorted;
}

/** What running at a power from one minute to another costs. */
export function costOf(tariff: readonly PriceWindow[], from: number, to: number, power_W: number): number {
  return tariff.reduce((sum, window) => {
    const minutes = Math.max(0, Math.min(to, window.to) - Math.max(from, window.from));
    return sum + (minutes / 60) * (power_W / 1000) * window.price;
  }, 0);
}
