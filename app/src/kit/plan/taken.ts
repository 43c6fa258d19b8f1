import { limitFor, type Parameter, type SettingValues } from '@barythm/core/profile';
import { roundToStep } from '@barythm/core/units';

/** A value as this controller takes it: on its step, within its limits. */
export function taken(parameter: Parameter, values: SettingValues, wanted: number): number {
  const least = limitFor(parameter.least, values) ?? -Infinity;
  const greatest = limitFor(parameter.greatest, values) ?? Infinity;
  const within = Math.min(greatest, Math.max(least, wanted));
  return parameter.step ? roundToStep(within, parameter.step, Number.isFinite(least) ? least : 0) : within;
}
