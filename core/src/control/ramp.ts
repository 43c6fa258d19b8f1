/** Where something that is ramped stands after `dt_s`: towards what is wanted, no faster than its ramps up and down (units a second). */
export function ramped(now: number, wanted: number, up: number, down: number, dt_s: number): number {
  const by = wanted - now;
  if (by > up * dt_s) return now + up * dt_s;
  if (by < -down * dt_s) return now - down * dt_s;
  return wanted;
}
