import type { PumpResource } from '@barythm/contract/resources';
import { planMetering, type MeteringContext } from '@barythm/core/families/metering';
import { contextOf, viewJob } from '@barythm/core/job';
import type { SettingValues } from '@barythm/core/profile';

export type SheetName = 'found' | 'target' | 'left' | 'edited';

export interface BenchSheets {
  readonly context: MeteringContext;
  readonly values: Readonly<Partial<Record<SheetName, SettingValues>>>;
}

/**
 * The sheets of a pump that can be run: as found, as left, and a target, which is the agreed one or, before any plan,
 * what the duty leads to. Null while there is no duty.
 */
export function sheetsOf(pump: PumpResource): BenchSheets | null {
  if (pump.latest) {
    const view = viewJob(pump.latest, pump.today);
    if (!view.duty) return null;
    const { found, force, planned } = view.values;
    const known = Object.keys(found).length > 0 ? found : (pump.latest.lastLeft?.values ?? {});
    const context = contextOf(pump.latest, view.duty, { ...known, ...force }, pump.today);
    const agreed = view.rows.some((row) => row.target);
    const left = view.rows.some((row) => row.left);
    return {
      context,
      values: {
        ...(Object.keys(known).length > 0 ? { found: known } : {}),
        target: agreed ? planned : planMetering(context).values,
        ...(left ? { left: force } : {}),
      },
    };
  }
  if (!pump.duty) return null;
  const reported = pump.reported?.values ?? {};
  const context: MeteringContext = {
    duty: pump.duty,
    profile: pump.profile,
    plate: pump.unit.plate,
    today: pump.today,
    inForce: reported,
    signalFrom: pump.signalFrom,
  };
  return {
    context,
    values: {
      ...(Object.keys(reported).length > 0 ? { found: reported } : {}),
      target: planMetering(context).values,
    },
  };
}
