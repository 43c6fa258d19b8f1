import { compensation } from '../../dosing';
import { THRESHOLDS, type Finding } from '../../findings';
import { fig } from '../../units';
import { addressesOf } from './address';
import type { CheckInput } from './checks';
import { needed_lph } from './dose';
import { finding } from './finding';

/** MET-16: back pressure wanders and nothing makes up for it; or compensation runs out within the site's swing. */
export function checkPressure({ context, subject, settings }: CheckInput): Finding[] {
  const { pressure, strokeVolume, water } = context.duty;
  if (!pressure || pressure.lossPer_bar === null || !settings.length_pct) return [];
  const stroke_mL = (strokeVolume.full_mL * settings.length_pct) / 100;
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
  const flow = needed_lph(context, water.greatest_m3h);
  const picture = compensation({
    stroke_mL,
    lossPer_bar: pressure.lossPer_bar,
    pressure_bar: pressure.greatest_bar,
    flow_lph: flow,
    greatest_spm: settings.limits.greatest_spm,
    rated_bar: Math.max(context.plate.rated_bar ?? 0, pressure.greatest_bar),
  });
  if (picture.limit_bar === null || picture.limit_bar >= pressure.greatest_bar) return [];
  return [
    finding(
      'MET-16.limit',
      subject,
      {
        ...values,
        runsOut: fig('pressure', picture.limit_bar),
        flow: fig('pumpFlow', flow),
        rate: fig('strokeRate', settings.limits.greatest_spm),
      },
      address,
    ),
  ];
}
