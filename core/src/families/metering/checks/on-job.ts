import { canSiphon } from './guards';
import { finding } from '../texts/finding';
import type { MeteringKind } from '../kind';
import { withCalibration, type MeteringContext } from '../settings/context';
import { driftOf } from '../../../dosing';
import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import {
  comparableVolumes_mL,
  lastDrawdown,
  measuredHistory,
  standingCalibration,
  whyRejected,
} from '../proof/calibration';
import type { JudgedCheck } from '../../../visit';
import type { JudgedReading } from '../proof/judged-reading';
import { measuredFlows, standing } from '../proof/judged-readings';
import type { JobGround } from '../../family';
import type { MeteringJob } from '../wire/job';

/** What a job on a metering pump leaves open: volume, drawdown, drift, siphon. */
export function openOn({ document, readings, checks, context }: JobGround<MeteringKind>): Finding[] {
  return [
    ...volume(document, readings, context),
    ...drawdown(document),
    ...drift(document, context),
    ...measuredSince(document, context),
    ...siphon(document, checks, context),
  ];
}

function volume(
  document: MeteringJob,
  readings: readonly JudgedReading[],
  context: MeteringContext | null,
): Finding[] {
  const sound = standing(readings).filter((reading) => reading.verdict?.ok);
  const proved = sound.length > 0 || document.records.some(({ body }) => body.kind === 'check');
  if (!context || !proved || context.duty.strokeVolume.basis === 'measured') return [];
  if (measuredFlows(readings).length > 0) return [];
  return [finding('ANY-21', 'job', { stroke: fig('strokeVolume', context.duty.strokeVolume.full_mL) })];
}

/** MET-12: the last drawdown of this job was rejected, with why. */
function drawdown(document: MeteringJob): Finding[] {
  const last = lastDrawdown(document);
  const why = last && whyRejected(last);
  return why ? [finding('MET-12', 'job', { why })] : [];
}

/** MET-11: accepted drawdowns that fall steadily, or jumped, since the last service. */
function drift(document: MeteringJob, context: MeteringContext | null): Finding[] {
  const loss = context?.duty.pressure?.lossPer_bar ?? null;
  const found = driftOf(comparableVolumes_mL(measuredHistory(document), loss));
  if (!found) return [];
  const change = fig('percent', Math.abs(found.change) * 100);
  const way = found.change < 0 ? 'fell' : 'rose';
  return [finding(found.kind === 'fall' ? 'MET-11.fall' : 'MET-11.jump', 'job', { change, way })];
}

/** A plan holds while the volume that it rests on moved by less: a drawdown is no better than that. */
const PLAN_HOLDS = 0.02;

/** MET-11: the plan was agreed with one stroke volume, and another was drawn down since. */
function measuredSince(document: MeteringJob, context: MeteringContext | null): Finding[] {
  const plan = document.plans.at(-1);
  const now = standingCalibration(measuredHistory(document));
  if (!context || !plan || plan.duty.family !== 'metering' || now === null || now.servicedSince) return [];
  const records = document.records.filter(({ revision }) => revision < plan.revision);
  const before = standingCalibration(measuredHistory({ ...document, records }));
  const then_mL = withCalibration(plan.duty, before).strokeVolume.full_mL;
  const now_mL = withCalibration(plan.duty, now).strokeVolume.full_mL;
  const change = now_mL / then_mL - 1;
  if (Math.abs(change) <= PLAN_HOLDS) return [];
  return [
    finding('MET-11.since', 'job', {
      then: fig('strokeVolume', then_mL),
      now: fig('strokeVolume', now_mL),
      change: fig('percent', Math.abs(change) * 100),
      way: change < 0 ? 'less' : 'more',
    }),
  ];
}

/** MET-26: the suction stands above the discharge, and nobody watched the stopped pump hold. */
function siphon(
  document: MeteringJob,
  checks: readonly JudgedCheck[],
  context: MeteringContext | null,
): Finding[] {
  if (!context || document.job.state === 'planned' || !canSiphon(context)) return [];
  const held = checks.some(
    ({ check, verdict, superseded }) => check.key === 'holds' && verdict.ok && !superseded,
  );
  return held ? [] : [finding('MET-26.siphon', 'job', {})];
}
