/** A wait that goes on whether or not somebody looks at it: kept as the instant at which it began. */
export interface KeptTimer {
  /** epoch, ms */
  readonly began: number;
  /** how long it is to last, s */
  readonly lasts_s: number;
}

/** How much of a wait is left, and how late one is once it is over, s; the other is 0. A clock that was put back leaves no more than the whole. */
export function leftOf(
  { began, lasts_s }: KeptTimer,
  now: number,
): { readonly left_s: number; readonly late_s: number } {
  const gone = Math.max(0, (now - began) / 1000);
  return gone < lasts_s ? { left_s: lasts_s - gone, late_s: 0 } : { left_s: 0, late_s: gone - lasts_s };
}

/** Minutes and seconds, as a stopwatch shows them: `4:05`; with hours from an hour on. A wait of which a part of a second is left is not over. */
export function stopwatch(seconds: number): string {
  const whole = Math.ceil(seconds - 1e-9);
  const two = (value: number) => String(value).padStart(2, '0');
  const [hours, minutes] = [Math.floor(whole / 3600), Math.floor(whole / 60) % 60];
  return hours > 0 ? `${hours}:${two(minutes)}:${two(whole % 60)}` : `${minutes}:${two(whole % 60)}`;
}
