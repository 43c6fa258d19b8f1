import { calibrate, CALIBRATION_FAULT_WORDS, lossPerBar, type Calibration } from '../dosing';
import type { StandingCalibration } from '../families/metering';
import { siteDate } from '../time';
import type { CalibrationBody, EarlierRecord, JobDocument } from './document';

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

/** Drawdowns and services of this unit, the oldest first: those of earlier jobs and this one's own. */
export function measuredHistory(document: JobDocument): EarlierRecord[] {
  const own = document.records.flatMap(({ body, recordedAt }): EarlierRecord[] =>
    body.kind === 'calibration' || body.kind === 'serviced'
      ? [{ date: siteDate(recordedAt, document.site.zone), body }]
      : [],
  );
  return [...(document.earlier ?? []), ...own];
}

/** The drawdown that stands: the last accepted one, with whether a service came after it. */
export function standingCalibration(history: readonly EarlierRecord[]): StandingCalibration | null {
  let standing = null as StandingCalibration | null;
  for (const { date, body } of history) {
    if (body.kind === 'serviced') {
      if (standing) standing = { ...standing, servicedSince: true };
      continue;
    }
    const result = resultOf(body);
    if (result.faults.length > 0) continue;
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

/** The last drawdown of this job, accepted or not. */
export function lastDrawdown(document: JobDocument): CalibrationBody | null {
  for (let i = document.records.length - 1; i >= 0; i--) {
    const { body } = document.records[i];
    if (body.kind === 'calibration') return body;
  }
  return null;
}

/** Pressures nearer than this tell too little of the loss. */
const PRESSURES_APART_bar = 1;

/**
 * Loss of stroke volume for each bar, from the last two accepted drawdowns at one stroke length and two pressures; null
 * where there are none such, or the volume did not fall.
 */
export function measuredLoss(
  history: readonly EarlierRecord[],
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
