import { calibrate, CALIBRATION_FAULT_WORDS, lossPerBar, type Calibration } from '../../../dosing';
import type { StandingCalibration } from '../settings/standing-calibration';
import { siteDate } from '../../../time';
import { recordsOf, type EarlierRecord, type Recorded } from '../../../visit';
import type { CalibrationBody, ServicedBody } from '../wire/records';
import type { MeteringJob } from '../wire/job';

/** mL an hour in a litre an hour. */
const ML_PER_L = 1000;
const SECONDS_PER_HOUR = 3600;

/** What a drawdown comes to: counted by strokes, or timed against the flow that the pump showed. */
export function resultOf(body: CalibrationBody): Calibration {
  const timed = body.by === 'time' && body.shown_lph !== null;
  return calibrate({
    volumes_mL: body.volumes_mL,
    amount: timed ? body.amount / SECONDS_PER_HOUR : body.amount,
    division_mL: body.division_mL,
    assumed: timed ? body.shown_lph! * ML_PER_L : body.assumed_mL,
    bubbles: body.bubbles,
  });
}

/** Stroke volume that a drawdown measured, mL. */
export function measuredStroke_mL(body: CalibrationBody): number {
  return resultOf(body).factor * body.assumed_mL;
}

/** Why a drawdown was not accepted, in words; empty when it was. */
export function whyRejected(body: CalibrationBody): string {
  return resultOf(body)
    .faults.map((fault) => CALIBRATION_FAULT_WORDS[fault])
    .join(' ');
}

type AnyRecord = Recorded<{ readonly kind: string }>;

/** Drawdowns of a job that were taken back as mistyped: each withdrawal takes back the last that stood before it. */
export function withdrawnDrawdowns({
  records,
}: {
  readonly records: readonly AnyRecord[];
}): ReadonlySet<AnyRecord> {
  const standing: AnyRecord[] = [];
  const withdrawn = new Set<AnyRecord>();
  for (const record of records) {
    if (record.body.kind === 'calibration') standing.push(record);
    if (record.body.kind !== 'calibration-withdrawn') continue;
    const last = standing.pop();
    if (last) withdrawn.add(last);
  }
  return withdrawn;
}

/** A drawdown or a service, with its day. */
export type MeasuredRecord = EarlierRecord<CalibrationBody | ServicedBody>;

/** Drawdowns and services of this unit, the oldest first: those of earlier jobs and this one's own. */
export function measuredHistory(document: MeteringJob): MeasuredRecord[] {
  const withdrawn = withdrawnDrawdowns(document);
  const measured = (body: MeteringJob['records'][number]['body']) =>
    body.kind === 'calibration' || body.kind === 'serviced' ? body : null;
  const before = (document.earlier ?? []).flatMap(({ date, body: any }) => {
    const body = measured(any);
    return body ? [{ date, body }] : [];
  });
  const own = document.records.flatMap((record) => {
    const body = withdrawn.has(record) ? null : measured(record.body);
    return body ? [{ date: siteDate(record.recordedAt, document.site.zone), body }] : [];
  });
  return [...before, ...own];
}

/** Drawdowns nearer to the working pressure than another by less than this are as good as it: then the later one stands. */
const PRESSURE_ALIKE_bar = 0.2;

/**
 * The drawdown that stands: the last accepted one, with whether a service came after it. Of several of one day, as the loss with
 * pressure is measured, the one nearest to the working pressure: a drawdown holds at its own.
 */
export function standingCalibration(
  history: readonly MeasuredRecord[],
  working_bar: number | null = null,
): StandingCalibration | null {
  let standing = null as StandingCalibration | null;
  for (const { date, body } of history) {
    if (body.kind === 'serviced') {
      if (standing) standing = { ...standing, servicedSince: true };
      continue;
    }
    const result = resultOf(body);
    if (result.faults.length > 0) continue;
    if (standing && standsNearer(standing, { date, pressure_bar: body.pressure_bar }, working_bar)) continue;
    standing = {
      date,
      stroke_mL: result.factor * body.assumed_mL,
      length_pct: body.length_pct,
      pressure_bar: body.pressure_bar,
      product: body.product,
      uncertainty: result.uncertainty,
      servicedSince: false,
    };
  }
  return standing;
}

/** Whether a drawdown of the same day is nearer to the working pressure than one that came after it. */
function standsNearer(
  standing: StandingCalibration,
  later: { readonly date: string; readonly pressure_bar: number | null },
  working_bar: number | null,
): boolean {
  if (standing.servicedSince || standing.date !== later.date || working_bar === null) return false;
  if (standing.pressure_bar === null || later.pressure_bar === null) return false;
  const off = (pressure_bar: number) => Math.abs(pressure_bar - working_bar);
  return off(standing.pressure_bar) < off(later.pressure_bar) - PRESSURE_ALIKE_bar;
}

/**
 * Stroke volumes of accepted drawdowns since the last service that can be compared, the oldest first, mL at full stroke: brought to
 * the pressure of the last by the loss that was measured; where none was, only those drawn near that pressure.
 */
export function comparableVolumes_mL(
  history: readonly MeasuredRecord[],
  lossPer_bar: number | null,
): number[] {
  const sinceService = history.slice(history.map(({ body }) => body.kind).lastIndexOf('serviced') + 1);
  const drawn = sinceService.flatMap(({ body }) =>
    body.kind === 'calibration' && whyRejected(body) === ''
      ? [{ full_mL: (measuredStroke_mL(body) * 100) / (body.length_pct ?? 100), at_bar: body.pressure_bar }]
      : [],
  );
  const last = drawn[drawn.length - 1];
  if (!last) return [];
  const loss = lossPer_bar ?? measuredLoss(history)?.lossPer_bar ?? null;
  return drawn.flatMap(({ full_mL, at_bar }) => {
    if (at_bar === null || last.at_bar === null || Math.abs(at_bar - last.at_bar) < 1e-9) return [full_mL];
    if (loss !== null) return [(full_mL * (1 - loss * last.at_bar)) / (1 - loss * at_bar)];
    return Math.abs(at_bar - last.at_bar) < PRESSURES_APART_bar ? [full_mL] : [];
  });
}

/** The last drawdown of this job, accepted or not; one that was taken back is none. */
export function lastDrawdown(document: MeteringJob): CalibrationBody | null {
  const withdrawn = withdrawnDrawdowns(document);
  const last = recordsOf(document, 'calibration').findLast((record) => !withdrawn.has(record));
  return last?.body ?? null;
}

/** Pressures nearer than this tell too little of the loss. */
const PRESSURES_APART_bar = 1;

/**
 * Loss of stroke volume for each bar, from the last two accepted drawdowns at one stroke length and two pressures; null
 * where there are none such, or the volume did not fall.
 */
export function measuredLoss(
  history: readonly MeasuredRecord[],
): { readonly lossPer_bar: number; readonly from_bar: number; readonly to_bar: number } | null {
  const drawn = history.flatMap(({ body }) =>
    body.kind === 'calibration' && body.pressure_bar !== null && whyRejected(body) === '' ? [body] : [],
  );
  const last = drawn[drawn.length - 1];
  if (!last) return null;
  const other = drawn
    .slice(0, -1)
    .reverse()
    .find(
      (body) =>
        body.length_pct === last.length_pct &&
        Math.abs(body.pressure_bar! - last.pressure_bar!) >= PRESSURES_APART_bar,
    );
  if (!other) return null;
  const [low, high] = [other, last].sort((a, b) => a.pressure_bar! - b.pressure_bar!);
  const at = (body: CalibrationBody) => ({
    stroke_mL: measuredStroke_mL(body),
    pressure_bar: body.pressure_bar!,
  });
  const lossPer_bar = lossPerBar(at(low), at(high));
  return lossPer_bar > 0 ? { lossPer_bar, from_bar: low.pressure_bar!, to_bar: high.pressure_bar! } : null;
}
