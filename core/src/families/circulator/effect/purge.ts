import { flowOnPipes_m3h, velocity_ms } from '../../../hydraulics';
import type { CirculatorDuty } from '../wire/duty';
import { pumpOf } from './pump';

/** Slower than this water leaves its air where it is, m/s. */
export const CARRIES_AIR_MS = 0.6;
/** A loop is purged once its water has gone through it so many times. */
const TIMES_THROUGH = 3;

/** Flow at the highest fixed speed with every valve open, m³/h. Throws an InputError on points that cannot be fitted. */
export function purgeFlow_m3h(duty: CirculatorDuty): number {
  const { curve, loss } = pumpOf(duty);
  return flowOnPipes_m3h({ kind: 'fixed', share: 1 }, curve, loss);
}

/** Velocity in the pipe at the pump while it is purged, m/s; null where its bore is not known. */
export function purgeVelocity_ms(duty: CirculatorDuty): number | null {
  return duty.pipe ? velocity_ms(purgeFlow_m3h(duty), duty.pipe.bore_mm) : null;
}

/** Least time for a loop that holds so much, s: 3·V/q. */
export function purgeTime_s(duty: CirculatorDuty, loop_L: number): number {
  return ((TIMES_THROUGH * loop_L) / 1000 / purgeFlow_m3h(duty)) * 3600;
}
