import { parameterWithRole, type Parameter, type SettingValues } from '../../../profile';
import { spelledUnit } from '../../../units';
import type { MeteringProfile } from '../wire/job';

/**
 * Volume that a drive which is set in flow takes one stroke (or turn) for, mL: its nominal volume times the
 * calibration factor that is entered. 1 L/h in its display is that many strokes/min inside.
 */
function assumedStroke_mL(profile: MeteringProfile, values: SettingValues): number {
  return (profile.behaviours.smooth?.nominal_mL ?? 1) * calibrationFactor(profile, values);
}

/** The calibration factor in force, 1 where there is none. */
export function calibrationFactor(profile: MeteringProfile, values: SettingValues): number {
  const parameter = parameterWithRole(profile, 'calibration.factor');
  const value = parameter && values[parameter.key];
  if (typeof value !== 'number' || value <= 0) return 1;
  return parameter?.unit === '%' ? value / 100 : value;
}

/** L/h in one unit of the parameter, or null for a parameter in strokes/min. */
function flowUnit_lph(parameter: Parameter): number | null {
  if (!parameter.unit) return null;
  return spelledUnit('pumpFlow', parameter.unit) ?? null;
}

/** True when this controller is set in flow and not in strokes. */
export function isSetInFlow(profile: MeteringProfile): boolean {
  return profile.behaviours.smooth !== undefined;
}

/** Strokes/min inside that a rate on the sheet means. */
export function rateFromSetting(
  profile: MeteringProfile,
  parameter: Parameter,
  value: number,
  values: SettingValues,
): number {
  const unit = flowUnit_lph(parameter);
  return unit === null ? value : (value * unit) / (assumedStroke_mL(profile, values) * 0.06);
}

/** The figure to enter for strokes/min inside. Inverse of `rateFromSetting`. */
export function rateToSetting(
  profile: MeteringProfile,
  parameter: Parameter,
  rate_spm: number,
  values: SettingValues,
): number {
  const unit = flowUnit_lph(parameter);
  return unit === null ? rate_spm : (rate_spm * assumedStroke_mL(profile, values) * 0.06) / unit;
}
