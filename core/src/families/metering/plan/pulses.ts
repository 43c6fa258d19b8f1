import {
  productPerPulse_mL,
  pulseChoices,
  pulseRate_ppm,
  recognition,
  STROKE_LENGTH_MOVED_PCT,
  type PulseChoice,
} from '../../../dosing';
import { parameterWithRole } from '../../../profile';
import { fig } from '../../../units';
import { strengthToday_gpl, type MeteringContext } from '../settings/context';
import { choicesOf, type MeteringDuty } from '../wire/duty';
import { factorRole } from '../settings/factor-role';
import { openLimits } from './points';
import type { Draft } from './draft';
import { gearsToTry, namedGear, setGear } from './gear';
import { setLength } from './length';

/** The meter of a duty that is paced by pulses, or null. */
export function meterOf(duty: MeteringDuty) {
  return duty.signal.source === 'meter' ? duty.signal : null;
}

/**
 * Every good way to turn this meter's pulses into strokes on this pump and controller, the best first: the table of
 * choices with its runners-up. Empty when there is no meter, or no factor fits.
 */
export function pulseTable(context: MeteringContext, greatest_spm: number): PulseChoice[] {
  const { duty, profile, today } = context;
  const meter = meterOf(duty);
  if (!meter) return [];
  const { modes, pulses } = profile.behaviours;
  const contact = duty.mode === 'contact';
  const knob = parameterWithRole(profile, 'stroke.length');
  const choices = pulseChoices({
    litresPerPulse: meter.litresPerPulse,
    dose_mgl: duty.dose.wanted_mgl,
    strength_gpl: strengthToday_gpl(duty.product, today),
    full_mL: duty.strokeVolume.full_mL,
    greatestWater_m3h: duty.water.greatest_m3h,
    ceiling_spm: greatest_spm,
    step_pct: knob ? (knob.step ?? 1) : null,
    multiplyMost: contact ? 1 : modes.includes('multiply') ? (pulses?.multiplyMost ?? 1) : 0,
    divideMost: contact || !modes.includes('divide') ? 1 : (pulses?.divideMost ?? 1),
    school: duty.choices.stroke,
  });
  const measured = duty.strokeVolume.basis === 'measured' ? (duty.strokeVolume.atLength_pct ?? null) : null;
  // a length near the measured one keeps the calibration
  const near = ({ length_pct }: PulseChoice) =>
    measured !== null && Math.abs(length_pct - measured) <= STROKE_LENGTH_MOVED_PCT;
  const outside = (choice: PulseChoice) => outsideBy(duty, choice);
  const good = choices.filter((choice) => outside(choice) === 0);
  const rest = choices.filter((choice) => outside(choice) > 0).sort((a, b) => outside(a) - outside(b));
  return [...good.filter(near), ...good.filter((choice) => !near(choice)), ...rest];
}

/** How far rounding leaves the wanted band, as |ln|; 0 within. */
function outsideBy({ dose }: MeteringDuty, { error }: PulseChoice): number {
  const given = dose.wanted_mgl * (1 + error);
  if (given > dose.high_mgl) return Math.log(given / dose.high_mgl);
  return given < dose.low_mgl ? Math.log(dose.low_mgl / given) : 0;
}

/** Pulse modes: factor and stroke length from the table, ceiling, memory and recognition time. */
export function planPulses(draft: Draft): void {
  const { context } = draft;
  const { duty, profile } = context;
  const meter = meterOf(duty);
  if (!meter) return;
  const perPulse_mL = productPerPulse_mL(
    meter.litresPerPulse,
    duty.dose.wanted_mgl,
    strengthToday_gpl(duty.product, context.today),
  );
  const pulses_ppm = pulseRate_ppm(duty.water.greatest_m3h, meter.litresPerPulse);
  const wantsContact = duty.mode === 'contact';
  if (wantsContact && !profile.behaviours.modes.includes('contact')) {
    draft.problems.push({ kind: 'no-mode', mode: 'contact' });
    return;
  }
  const { best, geared } = bestOverGears(draft);
  if (!best) {
    draft.problems.push({ kind: 'no-ratio', perPulse_mL, pulses_ppm });
  } else {
    const mode = wantsContact ? 'contact' : best.way;
    draft.choose('mode', `mode.${mode}`, {
      text: wantsContact ? 'mode.contact' : best.way === 'multiply' ? 'mode.multiply' : 'mode.divide',
      values: {},
    });
    if (!wantsContact) {
      draft.set(factorRole(profile, best.way), best.factor, {
        text: best.way === 'multiply' ? 'factor.multiply' : 'factor.divide',
        values: {
          volume: fig('strokeVolume', perPulse_mL),
          litres: fig('volume', meter.litresPerPulse),
          dose: fig('dose', duty.dose.wanted_mgl),
          factor: String(best.factor),
        },
      });
    }
    setLength(draft, best.length_pct, {
      text: 'length.pulses',
      values: {
        volume: fig('strokeVolume', perPulse_mL),
        rate: fig('strokeRate', best.greatest_spm),
        water: fig('waterFlow', duty.water.greatest_m3h),
        error: fig('percent', best.error * 100),
      },
    });
    if (wantsContact) {
      draft.set('rate.manual', geared, {
        text: 'rate.ceiling',
        values: {
          rate: fig('strokeRate', best.greatest_spm),
          water: fig('waterFlow', duty.water.greatest_m3h),
        },
      });
    } else openLimits(draft, best.greatest_spm);
  }
  planMemory(draft);
  planRecognition(draft, pulses_ppm, meter.closedShare);
}

/** The best choice with the fitted gear, else with the first other gear that has one in the band; puts a changed gear into the plan. */
function bestOverGears(draft: Draft): { best: PulseChoice | undefined; geared: number } {
  const { context } = draft;
  const share = draft.settings().suctionShare;
  const tried = gearsToTry(draft).map((gear) => {
    const geared = gear.greatest_spm * share;
    return { gear, geared, best: pulseTable(context, geared)[0] };
  });
  const inBand = tried.find(({ best }) => best && outsideBy(context.duty, best) === 0);
  const found = inBand ?? tried.find(({ best }) => best) ?? tried[0];
  if (found.best && found.gear.name !== namedGear(context.profile, context.plate, draft.values())) {
    setGear(draft, found.gear);
  }
  return found;
}

function planMemory(draft: Draft): void {
  const { duty, profile } = draft.context;
  if (profile.behaviours.pulses?.memory !== 'set') return;
  const wanted = choicesOf(duty).memory;
  draft.choose('pulse.memory', `memory.${wanted}`, { text: `memory.${wanted}`, values: {} });
}

function planRecognition(draft: Draft, pulses_ppm: number, closedShare: number): void {
  const options = draft.context.profile.behaviours.pulses?.recognition_ms ?? [];
  if (options.length === 0) return;
  const { choice_ms, limit_ms } = recognition(options, pulses_ppm, closedShare);
  const parameter = draft.has('pulse.recognition');
  if (choice_ms === null) {
    draft.problems.push({ kind: 'meter-too-fast', limit_ms, shortest_ms: Math.min(...options) });
  } else if (parameter) {
    draft.put('pulse.recognition', String(choice_ms), {
      text: 'recognition',
      values: { limit: fig('milliseconds', limit_ms), pulses: fig('pulseRate', pulses_ppm) },
    });
  }
}
