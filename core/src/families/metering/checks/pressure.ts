import { compensation } from '../../../dosing';
import { THRESHOLDS, type Finding } from '../../../findings';
import { fig } from '../../../units';
import { addressesOf } from '../settings/address';
import type { CheckInput } from './input';
import { unloaded_mL, type MeteringContext } from '../settings/context';
import { mostAsked } from '../effect/dose';
import { finding } from '../texts/finding';
import type { MeteringSettings } from '../settings/understand';

/** MET-16: back pressure wanders and nothing makes up for it; or compensation runs out within the site's swing. */
export function checkPressure({ context, subject, settings }: CheckInput): Finding[] {
  const { pressure } = context.duty;
  if (!pressure || pressure.lossPer_bar === null || !settings.length_pct) return [];
  const change = pressure.lossPer_bar * (pressure.greatest_bar - pressure.least_bar);
  const address = addressesOf(context, 'compensation');
  const values = {
    least: fig('pressure', pressure.least_bar),
    greatest: fig('pressure', pressure.greatest_bar),
    change: fig('percent', change * 100),
  };
  if (settings.compensation !== 'on') {
    if (change <= THRESHOLDS.pressureSwing) return [];
    const limit = fig('percent', THRESHOLDS.pressureSwing * 100);
    return [finding('MET-16.off', subject, { ...values, limit }, address)];
  }
  const runsOut = compensationLimit_bar(context, settings);
  if (runsOut === null || runsOut >= pressure.greatest_bar) return [];
  const flow = mostAsked(context).flow_lph;
  return [
    finding(
      'MET-16.limit',
      subject,
      {
        ...values,
        runsOut: fig('pressure', runsOut),
        flow: fig('pumpFlow', flow),
        rate: fig('strokeRate', settings.limits.greatest_spm),
      },
      address,
    ),
  ];
}

/**
 * Pressure at which compensation runs out at the greatest flow needed, Infinity above the rated pressure; null where it
 * is off, or the loss was not measured.
 */
export function compensationLimit_bar(context: MeteringContext, settings: MeteringSettings): number | null {
  const { pressure } = context.duty;
  if (!pressure || pressure.lossPer_bar === null || settings.compensation !== 'on') return null;
  const { limit_bar } = compensation({
    stroke_mL: (unloaded_mL(context.duty) * (settings.length_pct || 100)) / 100,
    lossPer_bar: pressure.lossPer_bar,
    pressure_bar: pressure.greatest_bar,
    flow_lph: mostAsked(context).flow_lph,
    greatest_spm: settings.limits.greatest_spm,
    rated_bar: Math.max(context.plate.rated_bar ?? 0, pressure.greatest_bar),
  });
  return limit_bar ?? Infinity;
}
