import { decisionOn, bySeverity, type Finding } from '@barythm/core/findings';
import type { FamilyContext } from '@barythm/core/families';
import { ratesOfDay_spm, understand } from '@barythm/core/families/metering';
import {
  bareContext,
  checkColumn,
  isPool,
  leavingFindings,
  viewJob,
  type JobDocument,
} from '@barythm/core/job';
import { orElse } from '@barythm/core/input';
import { poolStrip } from '@barythm/core/families/pool';
import { weekday } from '@barythm/core/time';
import type { PumpResource, Round } from '@barythm/contract/resources';

type Strip = Round['pumps'][number]['strip'];

export interface PumpState {
  readonly findings: readonly Finding[];
  readonly strip: Strip;
}

/** What stands open on a pump, and its day: from its latest job, or from what the site reported of it. */
export function stateOfPump(pump: PumpResource): PumpState {
  if (pump.latest) return fromJob(pump.latest, pump.today);
  if (!pump.duty || !pump.reported) return { findings: [], strip: null };
  const { duty, profile, unit, today, zone, signalFrom, reported } = pump;
  const context = bareContext({
    duty,
    profile,
    plate: unit.plate,
    today,
    zone,
    inForce: reported.values,
    signalFrom,
  });
  return { findings: checkColumn(context, 'found', reported.values), strip: stripOf(context) };
}

function fromJob(document: JobDocument, today: string): PumpState {
  const view = viewJob(document, today);
  const all = document.job.state === 'planned' ? plannedFindings(document, today) : leavingFindings(view);
  const open = all.filter((finding) => decisionOn(finding, document.decisions)?.decision !== 'accepted');
  return { findings: bySeverity(open), strip: view.context ? stripOf(view.context) : null };
}

/** A job that is only planned has changed nothing: what is believed to be there still counts. */
function plannedFindings(document: JobDocument, today: string): Finding[] {
  const { context } = viewJob(document, today);
  return context && document.lastLeft ? checkColumn(context, 'found', document.lastLeft.values) : [];
}

function stripOf(context: FamilyContext): Strip {
  if (isPool(context)) {
    return orElse(() => poolStrip(context, weekday(context.today) - 1), null);
  }
  const settings = understand(context.profile, context.plate, context.inForce);
  const rates = context.duty.water.hourly_m3h && ratesOfDay_spm(context, settings);
  return rates ? { unit: 'strokes/min', rates: [...rates], greatest: settings.geared_spm } : null;
}
