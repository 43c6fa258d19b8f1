/**
 * A number from 0 to 1 for a seed and a minute: the same on every machine, and without a history, so that a run can be
 * taken up anywhere. Integer mixing by multiplication and shifts; the quotient by 2³² is exact.
 */
export function chance(seed: number, minute: number): number {
  let mixed = (seed ^ Math.imul(minute + 1, 0x9e3779b1)) | 0;
  mixed = Math.imul(mixed ^ (mixed >>> 15), 0x85ebca6b);
  mixed = Math.imul(mixed ^ (mixed >>> 13), 0xc2b2ae35);
  return ((mixed ^ (mixed >>> 16)) >>> 0) / 4_294_967_296;
}
