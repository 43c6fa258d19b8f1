import { familyOf, type FamilyContext } from '@barythm/core/families';

/** Plans and checks one pump over and over for a while; answers how many a second. */
export function plansPerSecond(context: FamilyContext, ms = 2000): number {
  const family = familyOf(context.profile.family);
  let runs = 0;
  const end = performance.now() + ms;
  while (performance.now() < end) {
    family.checkPlan(context, family.plan(context));
    runs += 1;
  }
  return (runs * 1000) / ms;
}
