import type { PumpResource } from '@barythm/contract/resources';
import { familyOf, type FamilyContext } from '@barythm/core/families';
import { pumpNow, viewJob } from '@barythm/core/job';
import type { SettingValues } from '@barythm/core/profile';

export type SheetName = 'found' | 'target' | 'left' | 'edited';

export interface BenchSheets {
  readonly context: FamilyContext;
  readonly values: Readonly<Partial<Record<SheetName, SettingValues>>>;
}

/**
 * The sheets of a pump that can be run: as found, as left, and a target, which is the agreed one or, before any plan,
 * what the duty leads to. Null while there is no duty.
 */
export function sheetsOf(pump: PumpResource): BenchSheets | null {
  const { context, values: believed } = pumpNow(pump);
  if (!context) return null;
  const view = pump.latest && viewJob(pump.latest, pump.today);
  const agreed = view?.rows.some((row) => row.target) ?? false;
  const left = view?.rows.some((row) => row.left) ?? false;
  // what was found on the job, on top of what was known before it; without a job what is believed
  const found = view ? { ...view.document.lastLeft?.values, ...view.values.found } : believed;
  return {
    context,
    values: {
      ...(Object.keys(found).length > 0 ? { found } : {}),
      target: view && agreed ? view.values.planned : plannedValues(context),
      ...(left ? { left: believed } : {}),
    },
  };
}

function plannedValues(context: FamilyContext): SettingValues {
  return familyOf(context.profile.family).plan(context).values;
}
