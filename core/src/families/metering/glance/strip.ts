import type { Strip } from '../../family';
import { ratesOfDay_spm } from '../effect/day';
import type { MeteringContext } from '../settings/context';
import { understand } from '../settings/understand';

/** Its day in strokes/min, hour by hour; null where the water of the day is not known. */
export function stripOf(context: MeteringContext): Strip | null {
  const settings = understand(context.profile, context.plate, context.inForce);
  const rates = context.duty.water.hourly_m3h && ratesOfDay_spm(context, settings);
  return rates ? { unit: 'strokes/min', rates: [...rates], greatest: settings.geared_spm } : null;
}
