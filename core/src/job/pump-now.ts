import {
  familyOf,
  type AnyProfile,
  type Duty,
  type FamilyContext,
  type Plate,
  type JobDocument,
} from '../families';
import { bySeverity, type Finding } from '../findings';
import { withFixed, type SettingValues } from '../profile';
import type { LastLeft, SignalFrom } from '../visit';
import { believedOf } from './believed';
import { bareContext, contextOf } from './context';
import { judgedAsBelieved } from './contradicted';
import { isUntouched } from './gates';
import { leavingFindings, viewJob } from './view';

/** A pump as the register knows it, with its latest jobs. */
export interface PumpKnown {
  readonly profile: AnyProfile;
  readonly unit: { readonly plate: Plate };
  readonly duty: Duty | null;
  readonly signalFrom: SignalFrom | null;
  readonly reported: Pick<LastLeft, 'date' | 'values'> | null;
  readonly latest: JobDocument | null;
  /** the job before the latest one, while that one has not touched the pump yet */
  readonly before?: JobDocument | null;
  /** the unit took the place of another, and since when */
  readonly replaced?: { readonly on: string } | null;
  readonly today: string;
  readonly zone: string;
}

/** What is believed of a pump now, and what is wrong with that. */
export interface PumpNow {
  /** null where nobody recorded anything */
  readonly believed: LastLeft | null;
  readonly values: SettingValues;
  /** null without a duty */
  readonly context: FamilyContext | null;
  readonly findings: readonly Finding[];
  /** false where nothing could be judged: no duty, or no setting that anybody knows */
  readonly judged: boolean;
}

/**
 * What is believed of a pump now: by the round, its page and the bench alike. A job overlays only what it read; what a job before
 * it left open stands until the new one has touched the pump. Never throws for what was recorded.
 */
export function pumpNow(pump: PumpKnown): PumpNow {
  const { latest, today } = pump;
  const believed = believedOf(latest, pump.reported);
  const values = withFixed(pump.latest?.profile ?? pump.profile, believed?.values ?? {});
  const context = contextNow(pump, values);
  if (!latest) {
    const findings = context && believed ? judgedNow(context, 'found', believed) : [];
    return { believed, values, context, findings, judged: Boolean(context && believed) };
  }
  const view = viewJob(latest, today);
  const planned = latest.job.state === 'planned';
  const column = !context || !believed ? [] : judgedNow(context, planned ? 'found' : 'left', believed);
  const own = planned ? [] : believed === null ? leavingFindings(view) : view.findings.job;
  return {
    believed,
    values,
    context,
    findings: bySeverity([...own, ...leftOpenBefore(pump), ...column]),
    judged: Boolean(context && believed),
  };
}

function judgedNow(context: FamilyContext, subject: 'found' | 'left', believed: LastLeft): Finding[] {
  return judgedAsBelieved(familyOf(context.profile.family), context, subject, believed);
}

function contextNow(pump: PumpKnown, inForce: SettingValues): FamilyContext | null {
  const { latest, today } = pump;
  const duty = latest ? (latest.plans.at(-1)?.duty ?? latest.dutyBefore) : pump.duty;
  if (!duty) return null;
  if (latest) return contextOf(latest, duty, inForce, today);
  const { profile, unit, zone, signalFrom } = pump;
  if (duty.family !== profile.family) return null;
  return bareContext({ duty, profile, plate: unit.plate, today, zone, inForce, signalFrom });
}

/** Stops that the job before left open: a new job that only planned or looked has not cured them. */
function leftOpenBefore({ latest, before, today }: PumpKnown): Finding[] {
  if (!latest || !before || !isUntouched(latest)) return [];
  return viewJob(before, today).findings.job.filter(({ severity }) => severity === 'stop');
}

/**
 * What stands open on the settings of a handed-over job and its hand-over does not say: it was signed before they were judged by
 * the best that was known. None where the job is not handed over.
 */
export function notOnTheHandover(document: JobDocument, today: string): Finding[] {
  const { handover } = document;
  if (!handover) return [];
  const { accepted, open } = handover.summary;
  const said = new Set([...accepted, ...open].map(({ code }) => code));
  return viewJob(document, today).findings.left.filter(
    ({ code, severity }) => severity !== 'note' && !said.has(code),
  );
}
