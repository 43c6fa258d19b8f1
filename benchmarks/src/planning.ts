import { planAndCheck, type MeteringContext } from '@barythm/core/families/metering';

/** Plans and checks one pump over and over for a while; answers how many a second. */
export function plansPerSecond(context: MeteringContext, ms = 2000): number {
  let runs = 0;
  const end = performance.now() + ms;
  while (performance.now() < end) {
    planAndCheck(context);
    runs += 1;
  }
  return (runs * 1000) / ms;
}
