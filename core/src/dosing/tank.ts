import { requireNotNegative, requirePositive } from '../input';

/** Hours beyond which a tank is as good as never empty. */
const LONGEST_h = 24 * 3650;

/**
 * Hours until a volume is used, walking the real day's profile hour by hour from an hour of the day; null when nothing
 * is used. Inside an hour the use is even.
 */
export function hoursUntilUsed(
  volume_L: number,
  hourly_L: readonly number[],
  fromHour: number,
): number | null {
  requireNotNegative('volume_l', volume_L, 'The volume');
  for (const use of hourly_L) requireNotNegative('daily_l', use, 'The use');
  const daily = hourly_L.reduce((sum, use) => sum + use, 0);
  if (daily <= 0) return null;
  // of a whole number of days the last is walked too: its tank is empty in the hour of the last use, not at the day's end
  const wholeDays = Math.max(0, Math.ceil(volume_L / daily - 1e-9) - 1);
  let left = volume_L - wholeDays * daily;
  let hours = wholeDays * 24;
  if (hours > LONGEST_h) return hours;
  for (let hour = fromHour; left > 0; hour++) {
    const use = hourly_L[hour % 24];
    if (use >= left * (1 - 1e-9) && use > 0) return hours + Math.min(1, left / use);
    left -= use;
    hours += 1;
  }
  return hours;
}

/** Days until a service that is due after a number of strokes: strokes left ÷ strokes a day; null when none are made. */
export function daysToService(strokesLeft: number, strokesPerDay: number): number | null {
  if (strokesPerDay <= 0) return null;
  return Math.max(0, strokesLeft) / strokesPerDay;
}

export interface TankDays {
  readonly warn_days: number;
  readonly stop_days: number;
}

/** Days until a tank reaches its warn and its stop level at an even daily use. */
export function tankDays(volume_L: number, warn_L: number, stop_L: number, daily_L: number): TankDays {
  requireNotNegative('volume_l', volume_L, 'The volume');
  requireNotNegative('warn_l', warn_L, 'The warn level');
  requireNotNegative('stop_l', stop_L, 'The stop level');
  requirePositive('daily_l', daily_L, 'The daily use');
  return {
    warn_days: Math.max(0, volume_L - warn_L) / daily_L,
    stop_days: Math.max(0, volume_L - stop_L) / daily_L,
  };
}
