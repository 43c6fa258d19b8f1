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

/** Bore of the pipe of a loop where nobody said, mm: what is laid in floors. */
const LOOP_BORE_mm = 12;

/**
 * Flow through one loop that is open alone, m³/h. A loop in a floor is a thin pipe: what carries air along in it, never the flow of
 * the whole system. A radiator circuit has the pipes of the system.
 */
export function loopFlow_m3h(duty: CirculatorDuty): number {
  if (duty.system !== 'underfloor') return purgeFlow_m3h(duty);
  const area_m2 = (Math.PI / 4) * (LOOP_BORE_mm / 1000) ** 2;
  return Math.min(purgeFlow_m3h(duty), CARRIES_AIR_MS * area_m2 * 3600);
}

/** Least time for a loop that holds so much, s: 3·V/q. */
export function purgeTime_s(duty: CirculatorDuty, loop_L: number): number {
  return ((TIMES_THROUGH * loop_L) / 1000 / loopFlow_m3h(duty)) * 3600;
}
