import { STROKE_LENGTH_MOVED_PCT } from '../../../dosing';
import { THRESHOLDS, type Finding } from '../../../findings';
import { fig } from '../../../units';
import { addressesOf } from '../settings/address';
import type { CheckInput } from './input';
import { daysBetween } from '../settings/context';
import { finding } from '../texts/finding';
import type { MeteringTextId } from '../texts/texts';

/** MET-11: trimmed before it was calibrated, or a calibration that no longer holds. */
export function checkCalibration(input: CheckInput): Finding[] {
  const { context, subject, settings } = input;
  const { calibration, duty } = context;
  const address = addressesOf(context, 'stroke.length', 'calibration.factor');
  const say = (text: MeteringTextId, values: Finding['values']) => [finding(text, subject, values, address)];
  if (!calibration) {
    const tuned = settings.compensation === 'on' || Math.abs(settings.factor - 1) > 1e-9;
    return tuned && duty.strokeVolume.basis === 'plate' ? say('MET-11.before', {}) : [];
  }
  const date = calibration.date;
  if (calibration.servicedSince) return say('MET-11.service', { date });
  if (
    calibration.length_pct !== null &&
    settings.length_pct !== null &&
    Math.abs(settings.length_pct - calibration.length_pct) > STROKE_LENGTH_MOVED_PCT
  ) {
    return say('MET-11.length', {
      date,
      then: fig('percent', calibration.length_pct),
      now: fig('percent', settings.length_pct),
      limit: fig('percent', STROKE_LENGTH_MOVED_PCT),
    });
  }
  if (calibration.product !== duty.product.name) {
    return say('MET-11.product', { date, then: calibration.product, now: duty.product.name });
  }
  const pressure = duty.place.dischargePressure_bar;
  if (calibration.pressure_bar !== null && pressure !== null) {
    const apart = Math.abs(pressure - calibration.pressure_bar);
    const loss = duty.pressure?.lossPer_bar ?? null;
    const moved =
      loss === null ? apart > THRESHOLDS.calibrationPressure_bar : apart * loss > THRESHOLDS.pressureSwing;
    if (moved) {
      return say('MET-11.pressure', {
        date,
        then: fig('pressure', calibration.pressure_bar),
        now: fig('pressure', pressure),
      });
    }
  }
  const age = daysBetween(date, context.today);
  if (age > THRESHOLDS.calibrationAge_days) {
    return say('MET-11.old', {
      date,
      age: fig('days', age),
      limit: fig('days', THRESHOLDS.calibrationAge_days),
    });
  }
  return [];
}
