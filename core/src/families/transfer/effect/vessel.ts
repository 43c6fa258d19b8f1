import type { TransferSettings } from '../settings/understand';
import type { TransferDuty } from '../wire/duty';

/** A square metre a millimetre high is a litre. */
export function litresBetween(
  { vessel }: Pick<TransferDuty, 'vessel'>,
  from_mm: number,
  to_mm: number,
): number {
  return vessel.area_m2 * Math.max(0, to_mm - from_mm);
}

/** What falls while it works. */
interface Falls {
  readonly inflow: Omit<TransferDuty['inflow'], 'cleaning_m3h'>;
}

/** What falls at once, L. */
export function gulp_L({ inflow }: Falls): number {
  return inflow.gulp_L * inflow.together;
}

/** Time between falls, s: each inlet gulps by itself, and so many fall together. */
export function falls_s({ inflow }: Falls): number {
  return (inflow.every_s * inflow.together) / inflow.inlets;
}

/** Mean inflow of a session, m³/h. */
export function meanInflow_m3h(duty: Falls): number {
  return (gulp_L(duty) / falls_s(duty)) * 3.6;
}

/** Litres between the levels that it works between; null where they are not known. */
export function swing_L(
  duty: Pick<TransferDuty, 'vessel'>,
  { bottom_mm, top_mm }: TransferSettings,
): number | null {
  return bottom_mm === null || top_mm === null ? null : litresBetween(duty, bottom_mm, top_mm);
}

/** A gulp falls within so long, s. */
export const GULP_s = 5;

/** Flow that even-flow cannot stay under, m³/h: where a gulp does not fit the swing its rest goes on at once. Nil where it fits. */
export function leastEven_m3h(duty: Pick<TransferDuty, 'vessel' | 'inflow'>, swing: number): number {
  return (Math.max(0, gulp_L(duty) - swing) / GULP_s) * 3.6;
}
