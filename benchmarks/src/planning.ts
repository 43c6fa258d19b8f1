import { isContextOf, FamilyContext } from '@barythm/core/families';
import { planAndCheck as metering } from '@barythm/core/families/metering';
import { planAndCheck as pool } from '@barythm/core/families/pool';

/** Plans and checks one pump over and over for a while; answers how many a second. */
export function plansPerSecond(context: FamilyContext, ms = 2000): number {
  let runs = 0;
  const end = performance.now() + ms;
  while (performance.now() < end) {
    if (isContextOf('pool', context)) pool(context);
    else if (isContextOf('metering', context)) metering(context);
    runs += 1;
  }
  return (runs * 1000) / ms;
}
