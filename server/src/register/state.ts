import { decisionOn, bySeverity, type Finding } from '@barythm/core/findings';
import { type Strip, familyOf } from '@barythm/core/families';
import { bareContext, checkColumn, leavingFindings, reportedSince, viewJob } from '@barythm/core/job';
import type { JobDocument } from '@barythm/core/visit';
import type { PumpResource } from '@barythm/contract/resources';

export interface PumpState {
  readonly findings: readonly Finding[];
  readonly strip: Strip | null;
}

/** What stands open on a pump, and its day: from its latest job, or from what the site reported of it since. */
export function stateOfPump(pump: PumpResource): PumpState {
  const reported = reportedSince(pump.latest, pump.reported);
  if (pump.latest && !reported) return fromJob(pump.latest, pump.today);
  if (!pump.duty || !reported) return { findings: [], strip: null };
  const { duty, profile, unit, today, zone, signalFrom } = pump;
  const context = bareContext({
    duty,
    profile,
    plate: unit.plate,
    today,
    zone,
    inForce: reported.values,
    signalFrom,
  });
  return {
    findings: checkColumn(context, 'found', reported.values),
    strip: familyOf(profile.family).strip(context),
  };
}

function fromJob(document: JobDocument, today: string): PumpState {
  const view = viewJob(document, today);
  const all = document.job.state === 'planned' ? plannedFindings(document, today) : leavingFindings(view);
  const open = all.filter((finding) => decisionOn(finding, document.decisions)?.decision !== 'accepted');
  return {
    findings: bySeverity(open),
    strip: view.context ? familyOf(view.family).strip(view.context) : null,
  };
}

/** A job that is only planned has changed nothing: what is believed to be there still counts. */
function plannedFindings(document: JobDocument, today: string): Finding[] {
  const { context } = viewJob(document, today);
  return context && document.lastLeft ? checkColumn(context, 'found', document.lastLeft.values) : [];
}
