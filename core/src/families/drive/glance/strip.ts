import { orElse } from '../../../input';
import type { Strip } from '../../family';
import { pumpOf } from '../effect/pump';
import { drawDay_m3h, runsAtDraw } from '../effect/sharing';
import type { DriveContext } from '../settings/context';
import { understand } from '../settings/understand';

/** Its draw's day in frequency of the one that varies, Hz; null where what it holds is not known. */
export function stripOf(context: DriveContext): Strip | null {
  return orElse(() => {
    const settings = understand(context.profile, context.plate, context.inForce);
    const pump = pumpOf(context.duty);
    const { rated_hz } = context.duty.pump;
    const rates = drawDay_m3h(context.duty).map((draw) => {
      const shared = runsAtDraw(context, pump, settings, settings.sharing ?? 'all-vary', draw);
      return shared === null ? null : (shared.shares[0] ?? 0) * rated_hz;
    });
    if (rates.some((rate) => rate === null)) return null;
    return { unit: 'Hz', rates: rates as number[], greatest: settings.most_hz ?? rated_hz };
  }, null);
}
