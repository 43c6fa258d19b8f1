import { orElse } from '../../../input';
import { daysToService, hoursUntilUsed } from '../../../dosing';
import type { MeteringContext } from '../settings/context';
import { fedByController, usageOfDay } from './day';
import type { MeteringSettings } from '../settings/understand';

/** How long tank and wet end last on the real day's profile; null where it is not known, or nothing is used. */
export interface Stock {
  readonly daily_L: number;
  readonly strokesADay: number;
  /** true where only the greatest that may be asked for is known: it lasts at least so long */
  readonly atMost: boolean;
  /** days until the tank is down to its warn and to its stop level */
  readonly warn_days: number | null;
  readonly stop_days: number | null;
  readonly service_days: number | null;
}

/** Days of tank and service from the day's use, as the duty knows them; null where that use is not known, or cannot be worked out. */
export function stockOf(context: MeteringContext, settings: MeteringSettings): Stock | null {
  const day = orElse(() => usageOfDay(context, settings), null);
  if (!day) return null;
  const { tank, service } = context.duty;
  const daysTo = (level_L: number) => {
    if (!tank) return null;
    const hours = hoursUntilUsed(Math.max(0, tank.now_L - level_L), day.hourly_L, 0);
    return hours === null ? null : hours / 24;
  };
  return {
    daily_L: day.hourly_L.reduce((sum, litres) => sum + litres, 0),
    strokesADay: day.strokes,
    atMost: fedByController(context, settings),
    warn_days: tank ? daysTo(tank.warn_L) : null,
    stop_days: tank ? daysTo(tank.stop_L) : null,
    // what its counter tells is better than what somebody stated
    service_days: service
      ? daysToService(service.everyStrokes - (context.sinceService ?? service.madeStrokes), day.strokes)
      : null,
  };
}
