/** How long something has been so, s: counts on while it is, and begins again when it is not. */
export function heldFor_s(before_s: number, holds: boolean, dt_s: number): number {
  return holds ? before_s + dt_s : 0;
}

/** Whether the next of a cascade is wanted: the lead is at its greatest and the pressure is short by more than `below`. */
export function wantsNext(lead: number, most: number, value: number, set: number, below: number): boolean {
  return lead >= most * AT_MOST && value < set - below;
}
/** A ramp ends a little short of its end by binary dust. */
const AT_MOST = 0.999;

/** Whether one of a cascade is too many: the one that varies turns below the off frequency. */
export function hasOneTooMany(lead: number, off: number): boolean {
  return lead < off;
}
