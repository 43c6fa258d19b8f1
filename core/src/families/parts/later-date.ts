const DAY_MS = 86_400_000;
/** Nothing is planned further ahead than this: what comes later may as well never come. */
const LATEST_days = 36_500;

/** The site date that comes a number of days after another. */
export function laterDate(date: string, days: number): string {
  return new Date(Date.parse(date) + Math.min(LATEST_days, days) * DAY_MS).toISOString().slice(0, 10);
}
