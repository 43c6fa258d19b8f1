import { decisionOn, bySeverity, type Finding } from '@barythm/core/findings';
import {
  checkSettings,
  ratesOfDay_spm,
  understand,
  type MeteringContext,
} from '@barythm/core/families/metering';
import { leavingFindings, viewJob, type JobDocument } from '@barythm/core/job';
import type { PumpResource } from '@barythm/contract/resources';

export interface PumpState {
  readonly findings: readonly Finding[];
  readonly strip: { rates_spm: number[]; greatest_spm: number } | null;
}

/** What stands open on a pump, and its day: from its latest job, or from what the site reported of it. */
export function stateOfPump(pump: PumpResource): PumpState {
  if (pump.latest) return fromJob(pump.latest, pump.today);
  if (!pump.duty || !pump.reported) return { findings: [], strip: null };
  const context: MeteringContext = {
    duty: pump.duty,
    profile: pump.profile,
    plate: pump.unit.plate,
    today: pump.today,
    inForce: pump.reported.values,
    signalFrom: pump.signalFrom,
  };
  return {
    findings: checkSettings(context, 'found', pump.reported.values),
    strip: stripOf(context, pump.reported.values),
  };
}

function fromJob(document: JobDocument, today: string): PumpState {
  const view = viewJob(document, today);
  const all = document.job.state === 'planned' ? plannedFindings(document, today) : leavingFindings(view);
  const open = all.filter((finding) => decisionOn(finding, document.decisions)?.decision !== 'accepted');
  const values = view.context?.inForce ?? {};
  return {
    findings: bySeverity(open),
    strip: view.context ? stripOf(view.context, values) : null,
  };
}

/** A job that is only planned has changed nothing: what is believed to be there still counts. */
function plannedFindings(document: JobDocument, today: string): Finding[] {
  const { context } = viewJob(document, today);
  return context && document.lastLeft ? checkSettings(context, 'found', document.lastLeft.values) : [];
}

function stripOf(context: MeteringContext, values: MeteringContext['inForce']): PumpState['strip'] {
  const settings = understand(context.profile, context.plate, values);
  const rates_spm = context.duty.water.hourly_m3h && ratesOfDay_spm(context, settings);
  return rates_spm ? { rates_spm, greatest_spm: settings.geared_spm } : null;
}
