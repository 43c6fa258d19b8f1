import { pumpFlow_lph, STROKE_LENGTH_GREATEST_PCT, strokeRate_spm, strokeVolume_mL } from '../../../dosing';
import { parameterWithRole, type SettingValues } from '../../../profile';
import { fig } from '../../../units';
import { needed_lph } from '../effect/dose';
import type { Draft } from './draft';
import { fastestToTry_spm, takeGear } from './gear';
import { chooseLength, setLength } from './length';
import { isSetInFlow, rateToSetting } from '../settings/rates';
import { understand } from '../settings/understand';

/** Manual mode: one rate, for the usual water flow. */
export function planManual(draft: Draft): void {
  const { duty } = draft.context;
  const wanted = needed_lph(draft.context, duty.water.usual_m3h);
  const full = duty.strokeVolume.full_mL;
  const least = strokeRate_spm(wanted, strokeVolume_mL(full, STROKE_LENGTH_GREATEST_PCT));
  const greatest = takeGear(draft, least);
  if (greatest === null) {
    draft.tooSmall(wanted, fastestToTry_spm(draft));
    return;
  }
  const length = chooseLength(
    draft,
    (candidate) => {
      const rate = roundedRate(draft, strokeRate_spm(wanted, strokeVolume_mL(full, candidate)));
      return rate > 0 && rate <= greatest ? rateValue(draft, rate) : null;
    },
    (values, candidate) => {
      // one rate is for the usual flow: what its steps leave there counts, not what other flows would need
      const given = givenFlow_lph(draft, values, candidate);
      return given === null ? 0 : Math.max(0, Math.abs(given / wanted - 1) - ROUNDED_AWAY);
    },
  );
  const stroke = strokeVolume_mL(full, length.length_pct);
  const rate = roundedRate(draft, strokeRate_spm(wanted, stroke));
  const given = givenFlow_lph(draft, rateValue(draft, rate), length.length_pct) ?? wanted;
  setLength(draft, length.length_pct, length.reason);
  if (duty.feed_lph !== undefined)
    return draft.set('rate.manual', strokeRate_spm(wanted, stroke), {
      text: 'rate.stated',
      values: {
        flow: fig('pumpFlow', given),
        wanted: fig('pumpFlow', wanted),
        stroke: fig('strokeVolume', stroke),
      },
    });
  draft.set('rate.manual', strokeRate_spm(wanted, stroke), {
    text: 'rate.manual',
    values: {
      flow: fig('pumpFlow', given),
      water: fig('waterFlow', duty.water.usual_m3h),
      dose: fig('dose', (duty.dose.wanted_mgl * given) / wanted),
      stroke: fig('strokeVolume', stroke),
    },
  });
}

/** As near as this to what is wanted nobody tells the difference. */
const ROUNDED_AWAY = 0.03;

/** What a rate, as this controller takes it, gives at a stroke length, L/h; null where it takes none. */
function givenFlow_lph(draft: Draft, values: SettingValues, length_pct: number): number | null {
  const { profile, plate, duty } = draft.context;
  const { manual_spm } = understand(profile, plate, { ...draft.values(), ...values });
  return manual_spm === null
    ? null
    : pumpFlow_lph(strokeVolume_mL(duty.strokeVolume.full_mL, length_pct), manual_spm);
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
