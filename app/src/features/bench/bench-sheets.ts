import type { PumpResource } from '@barythm/contract/resources';
import { familyOf, type FamilyContext } from '@barythm/core/families';
import { bareContext, contextOf, reportedSince, viewJob } from '@barythm/core/job';
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
  const reported = reportedSince(pump.latest, pump.reported);
  if (pump.latest && !reported) {
    const view = viewJob(pump.latest, pump.today);
    if (!view.duty) return null;
    const { found, force, planned } = view.values;
    const known = Object.keys(found).length > 0 ? found : (pump.latest.lastLeft?.values ?? {});
    const context = contextOf(pump.latest, view.duty, { ...known, ...force }, pump.today);
    if (!context) return null;
    const agreed = view.rows.some((row) => row.target);
    const left = view.rows.some((row) => row.left);
    return {
      context,
      values: {
        ...(Object.keys(known).length > 0 ? { found: known } : {}),
        target: agreed ? planned : plannedValues(context),
        ...(left ? { left: force } : {}),
      },
    };
  }
  if (!pump.duty) return null;
  const { duty, profile, unit, today, zone, signalFrom } = pump;
  const inForce = reported?.values ?? {};
  const context = bareContext({ duty, profile, plate: unit.plate, today, zone, inForce, signalFrom });
  return {
    context,
    values: {
      ...(Object.keys(inForce).length > 0 ? { found: inForce } : {}),
      target: plannedValues(context),
    },
  };
}

function plannedValues(context: FamilyContext): SettingValues {
  return familyOf(context.profile.family).plan(context).values;
}
