import type { PumpResource } from '@barythm/contract/resources';
import type { FamilyContext } from '@barythm/core/families';
import { bareContext, reportedSince, viewJob } from '@barythm/core/job';
import type { SettingValues } from '@barythm/core/profile';
import { dateInWords } from '@barythm/core/time';

export interface Known {
  readonly context: FamilyContext | null;
  readonly values: SettingValues;
  readonly from: string;
  readonly reported: boolean;
}

/** What is believed to be in the controller, and where that comes from: the latest job, what the site reported since, or nothing. */
export function known(pump: PumpResource): Known {
  const reported = reportedSince(pump.latest, pump.reported);
  if (pump.latest && !reported) {
    const view = viewJob(pump.latest, pump.today);
    const values = view.context?.inForce ?? {};
    const state = pump.latest.handover ? 'As left' : 'As known from the job';
    return {
      context: view.context,
      values,
      from: `${state} of ${dateInWords(pump.latest.job.plannedFor)}`,
      reported: false,
    };
  }
  const values = reported?.values ?? {};
  const { duty, profile, unit, today, zone, signalFrom } = pump;
  const context =
    duty && bareContext({ duty, profile, plate: unit.plate, today, zone, inForce: values, signalFrom });
  const from = reported
    ? `Reported by the site on ${dateInWords(reported.date)}, not seen by a technician`
    : 'Nobody has recorded them yet';
  return { context, values, from, reported: true };
}
