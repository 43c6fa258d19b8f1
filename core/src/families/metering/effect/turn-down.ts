import { STROKE_LENGTH_LEAST_PCT, strokeVolume_mL } from '../../../dosing';
import { limitFor, parameterWithRole } from '../../../profile';
import { fig, type Figure } from '../../../units';
import { strengthToday_gpl, type MeteringContext } from '../settings/context';
import { needed_lph } from './dose';
import { gearsOf } from '../wire/plate';

/** A controller's feed may be this much above the useful one before the pump counts as too large. */
const FEED_OVER = 0.1;

/** The least that a pump can give against the most that is wanted of it there. */
export interface TurnDown {
  readonly least: Figure;
  readonly most: Figure;
  /** where the least stands: at which water, signal or trigger */
  readonly when: string;
  readonly gear: string | null;
  readonly length_pct: number;
  readonly tooLarge: boolean;
}

/**
 * The least that this pump can give (slowest gear, 30 % stroke, least rate, greatest divider) against what the duty wants where
 * it wants least. A pump whose least is above that is too large, whatever is set. Null where the duty has no such figure.
 */
export function turnDown(context: MeteringContext): TurnDown | null {
  const { duty, profile, today } = context;
  const { behaviours } = profile;
  const slowest = gearsOf(profile).reduce((a, b) => (b.greatest_spm < a.greatest_spm ? b : a));
  const length_pct = leastLength_pct(context);
  const stroke_mL = strokeVolume_mL(duty.strokeVolume.full_mL, length_pct);
  const strength = strengthToday_gpl(duty.product, today);
  // a drive that is set in flow goes down to a step of its rate, a stroke pump to one stroke a minute
  const leastRate = Math.max(behaviours.leastRate_spm, behaviours.smooth ? 0 : 1);
  const plain = behaviours.analog.kind === 'plain';
  const wider = duty.dose.high_mgl / duty.dose.wanted_mgl;
  const answer = (least: Figure, most: Figure, when: string, slack = 1e-9): TurnDown => ({
    least,
    most,
    when,
    gear: gearsOf(profile).length > 1 ? slowest.name : null,
    length_pct,
    tooLarge: least.v > most.v * (1 + slack),
  });
  const doseOf = (rate_spm: number, water_m3h: number) =>
    fig('dose', (stroke_mL * 0.06 * rate_spm * strength) / water_m3h);
  const high = fig('dose', duty.dose.high_mgl);
  switch (duty.mode) {
    case 'analog': {
      const { signal, water } = duty;
      if (signal.source === 'controller') {
        const rate = plain ? slowest.greatest_spm : leastRate;
        return answer(
          fig('pumpFlow', stroke_mL * 0.06 * rate),
          fig('pumpFlow', signal.greatestFeed_lph),
          'at full demand',
          FEED_OVER,
        );
      }
      if (signal.source !== 'flow') return null;
      // on a plain range the whole line hangs on the full rate
      return plain
        ? answer(doseOf(slowest.greatest_spm, signal.span_m3h), high, 'at every flow')
        : answer(doseOf(leastRate, water.least_m3h), high, 'at the minimum flow');
    }
    case 'manual':
      return answer(doseOf(leastRate, duty.water.usual_m3h), high, 'at the usual flow');
    case 'pulse':
    case 'contact': {
      if (duty.signal.source !== 'meter') return null;
      const divides = duty.mode === 'pulse' && behaviours.modes.includes('divide');
      const each_mL = stroke_mL / (divides ? (behaviours.pulses?.divideMost ?? 1) : 1);
      const wanted_mL = 1000 * needed_lph(context, duty.signal.litresPerPulse / 1000);
      return answer(fig('strokeVolume', each_mL), fig('strokeVolume', wanted_mL * wider), 'for each pulse');
    }
    case 'batch':
      if (!duty.batch) return null;
      return answer(
        fig('strokeVolume', stroke_mL),
        fig('strokeVolume', duty.batch.volume_mL * wider),
        'for each trigger',
      );
    case 'timer': {
      if (!duty.timer) return null;
      const wanted_mL = (1000 * needed_lph(context, duty.water.usual_m3h) * duty.timer.every_min) / 60;
      return answer(fig('strokeVolume', stroke_mL), fig('strokeVolume', wanted_mL * wider), 'for each run');
    }
  }
}

/** The shortest stroke that doses well; on a pump without a knob the stroke is what it is. */
function leastLength_pct({ profile, inForce }: MeteringContext): number {
  const parameter = parameterWithRole(profile, 'stroke.length');
  if (!parameter) return 100;
  return Math.max(STROKE_LENGTH_LEAST_PCT, limitFor(parameter.least, inForce) ?? 0);
}
