import { STROKE_LENGTH_GREATEST_PCT, strokeRate_spm, strokeVolume_mL } from '../../../dosing';
import { parameterWithRole, type SettingValues } from '../../../profile';
import { fig } from '../../../units';
import { needed_lph } from '../effect/dose';
import type { Draft } from './draft';
import { takeGear } from './gear';
import { chooseLength, setLength } from './length';
import { fastestGear_spm } from '../wire/plate';
import { isSetInFlow, rateToSetting } from '../settings/rates';

/** Manual mode: one rate, for the usual water flow. */
export function planManual(draft: Draft): void {
  const { duty } = draft.context;
  const wanted = needed_lph(draft.context, duty.water.usual_m3h);
  const full = duty.strokeVolume.full_mL;
  const least = strokeRate_spm(wanted, strokeVolume_mL(full, STROKE_LENGTH_GREATEST_PCT));
  const greatest = takeGear(draft, least);
  if (greatest === null) {
    draft.tooSmall(wanted, fastestGear_spm(draft.context));
    return;
  }
  const length = chooseLength(draft, (candidate) => {
    const rate = roundedRate(draft, strokeRate_spm(wanted, strokeVolume_mL(full, candidate)));
    return rate > 0 && rate <= greatest ? rateValue(draft, rate) : null;
  });
  const stroke = strokeVolume_mL(full, length.length_pct);
  setLength(draft, length.length_pct, length.reason);
  draft.set('rate.manual', strokeRate_spm(wanted, stroke), {
    text: 'rate.manual',
    values: {
      flow: fig('pumpFlow', wanted),
      water: fig('waterFlow', duty.water.usual_m3h),
      dose: fig('dose', duty.dose.wanted_mgl),
      stroke: fig('strokeVolume', stroke),
    },
  });
}

/** The rate as this controller takes it, for trying a stroke length out. */
function rateValue(draft: Draft, rate_spm: number): SettingValues {
  const { profile } = draft.context;
  const parameter = parameterWithRole(profile, 'rate.manual');
  if (!parameter) return {};
  return {
    [parameter.key]: draft.taken(parameter, rateToSetting(profile, parameter, rate_spm, draft.values())),
  };
}

/** Whole strokes, but on a drive that is set in flow. */
function roundedRate(draft: Draft, rate_spm: number): number {
  return isSetInFlow(draft.context.profile) ? rate_spm : Math.round(rate_spm);
}
