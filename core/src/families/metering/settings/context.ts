import { answeredWith } from '../../../describe';
import type { SettingValues } from '../../../profile';
import { aged_gpl, strength_gpl } from '../../../dosing';
import type { DutyProduct } from '../wire/product';
import type { MeteringDuty } from '../wire/duty';
import type { MeteringPlate } from '../wire/plate';
import type { Ground } from '../../parts/ground';
import { signalSeen } from '../arrival/signal-seen';
import type { MeteringJob, MeteringJobKind, MeteringProfile } from '../wire/job';
import type { StandingCalibration } from './standing-calibration';
import { lastRecord } from '../../../visit';
import { standingCalibration, measuredHistory, type MeasuredRecord } from '../proof/calibration';

/** Everything that planning and checking one metering pump starts from. */
export interface MeteringContext {
  readonly duty: MeteringDuty;
  readonly profile: MeteringProfile;
  readonly plate: MeteringPlate;
  /** the site's date, for the age of the product */
  readonly today: string;
  /** what the controller holds now, as far as is known */
  readonly inForce: SettingValues;
  /** what the signal cable was seen to come from at the site, null when nobody looked yet */
  readonly signalFrom: 'flow' | 'controller' | 'meter' | null;
  /** strokes since the last service, by its counter then and now; null where either was not read, or it was set back since */
  readonly sinceService?: number | null;
  /** the drawdown that stands for this unit, null when there is none */
  readonly calibration?: StandingCalibration | null;
}

/**
 * The duty with the stroke volume that was measured instead of the plate's: a measurement always beats it. A drawdown holds at its
 * own pressure: where the loss with pressure is known it is brought to the working pressure.
 */
export function withCalibration(duty: MeteringDuty, calibration: StandingCalibration | null): MeteringDuty {
  if (!calibration || calibration.servicedSince) return duty;
  const length_pct = calibration.length_pct ?? 100;
  return answeredWith(duty, {
    strokeVolume: {
      full_mL: (calibration.stroke_mL * toWorkingPressure(duty, calibration.pressure_bar) * 100) / length_pct,
      basis: 'measured',
      atLength_pct: length_pct,
    },
  });
}

/** What a stroke volume at some pressure is to be multiplied by for the working pressure; 1 where loss or pressures are not known. */
function toWorkingPressure({ place, pressure }: MeteringDuty, at_bar: number | null): number {
  const loss = pressure?.lossPer_bar ?? null;
  if (loss === null || at_bar === null || place.dischargePressure_bar === null) return 1;
  const there = 1 - loss * at_bar;
  const here = 1 - loss * place.dischargePressure_bar;
  return there > 0 && here > 0 ? here / there : 1;
}

/**
 * Stroke volume at full stroke length without any back pressure, mL: the duty's own volume holds at its working pressure, which
 * took its loss already. The duty's volume itself where the loss is not known.
 */
export function unloaded_mL({ strokeVolume, place, pressure }: MeteringDuty): number {
  const kept = 1 - (pressure?.lossPer_bar ?? 0) * (place.dischargePressure_bar ?? 0);
  return kept > 0 ? strokeVolume.full_mL / kept : strokeVolume.full_mL;
}

const DAY_MS = 86_400_000;

/** Whole days from one site date to another. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);
}

/** Days since the strength was measured; 0 for a label only, or for a date later than today. */
export function productAge_days(product: DutyProduct, today: string): number {
  return product.measuredOn === null ? 0 : Math.max(0, daysBetween(product.measuredOn, today));
}

/** Strength to plan with, g/L: as stated, aged since it was measured. */
export function strengthToday_gpl(product: DutyProduct, today: string): number {
  return aged_gpl(strength_gpl(product.strength), productAge_days(product, today), product.halfLife_days);
}

/** What its counter made since the service before: read on this visit, and at that service. One that was done after the reading counts from nil. */
function strokesSince(document: MeteringJob, history: readonly MeasuredRecord[]): number | null {
  const now = lastRecord(document, 'readings-now');
  const service = history.findLast(({ body }) => body.kind === 'serviced')?.body;
  const today = lastRecord(document, 'serviced');
  if (today && (!now || today.revision > now.revision)) return 0;
  const [at, then] = [now?.body.counter ?? null, service?.kind === 'serviced' ? service.counter : null];
  return at === null || then === null || at < then ? null : at - then;
}

/**
 * What planning and checking start from: the plate as it was read, and the stroke volume that was measured at this unit where a
 * drawdown stands. Without a job no drawdown is known.
 */
export function contextOf({
  document,
  zone: _,
  signalFrom,
  ...known
}: Ground<MeteringJobKind>): MeteringContext {
  if (!document) return { ...known, signalFrom };
  const history = measuredHistory(document);
  const calibration = standingCalibration(history, known.duty.place.dischargePressure_bar);
  return {
    ...known,
    duty: withCalibration(known.duty, calibration),
    signalFrom: signalSeen(document),
    sinceService: strokesSince(document, history),
    calibration,
  };
}
