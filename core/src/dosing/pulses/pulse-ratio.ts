import { InputError, requirePositive } from '../../input';
import { STROKE_LENGTH_GREATEST_PCT, STROKE_LENGTH_LEAST_PCT } from '../stroke-volume';

/** Share of the ceiling rate that a choice may use at the greatest water flow: the rest is for meter and wear. */
export const CEILING_SHARE = 0.9;
/** Widest factors that a controller offers when its profile does not say otherwise. */
export const MULTIPLY_MOST = 99;
export const DIVIDE_MOST = 999;

/** n strokes for each pulse, or one stroke for every n pulses. Times one is written as multiply. */
export type PulseWay = 'multiply' | 'divide';

/** Which stroke length is preferred after rounding. */
export type StrokeSchool = 'long' | 'middle' | 'even';

export interface PulseRatioInput {
  readonly litresPerPulse: number;
  readonly dose_mgl: number;
  readonly strength_gpl: number;
  /** stroke volume at full stroke length, mL */
  readonly full_mL: number;
  readonly greatestWater_m3h: number;
  readonly ceiling_spm: number;
  /** step of the stroke-length knob, %; null on a pump whose stroke is what it is */
  readonly step_pct?: number | null;
  readonly multiplyMost?: number;
  readonly divideMost?: number;
  readonly school?: StrokeSchool;
}

export interface PulseChoice {
  readonly way: PulseWay;
  readonly factor: number;
  readonly length_pct: number;
  /** strokes/min at the greatest water flow */
  readonly greatest_spm: number;
  /** (given − wanted)/wanted, from rounding the stroke length */
  readonly error: number;
}

/** Product needed for each pulse, mL: vp = K·D/C with K in litres a pulse, D in mg/L, C in g/L. */
export function productPerPulse_mL(litresPerPulse: number, dose_mgl: number, strength_gpl: number): number {
  requirePositive('litres_per_pulse', litresPerPulse, 'The water for each pulse');
  requirePositive('dose_mgl', dose_mgl, 'The dose');
  requirePositive('strength_gl', strength_gpl, 'The strength');
  return (litresPerPulse * dose_mgl) / strength_gpl;
}

/** Pulses/min at a water flow: p = 1000·Q/(60·K), Q in m³/h. */
export function pulseRate_ppm(water_m3h: number, litresPerPulse: number): number {
  requirePositive('litres_per_pulse', litresPerPulse, 'The water for each pulse');
  return (1000 * water_m3h) / (60 * litresPerPulse);
}

/** Strokes for each pulse with a factor. */
export function strokesPerPulse(way: PulseWay, factor: number): number {
  return way === 'multiply' ? factor : 1 / factor;
}

/**
 * Every good way to turn pulses into strokes, the best first. For each n (or m) L = 100·vp/(n·v100), rounded to the
 * knob's step and kept within 30–100 %; choices above 90 % of the ceiling at the greatest flow are dropped. Of the
 * rest the length nearest 80 % wins (for gassing liquids the longest, for even dosing the shortest), then the higher
 * stroke rate. Empty when no factor fits. Throws an InputError for figures that are not above zero.
 */
export function pulseChoices(input: PulseRatioInput): PulseChoice[] {
  const perPulse = productPerPulse_mL(input.litresPerPulse, input.dose_mgl, input.strength_gpl);
  requirePositive('stroke_ml', input.full_mL, 'The stroke volume at full length');
  requirePositive('water_max_m3h', input.greatestWater_m3h, 'The maximum water flow');
  requirePositive('ceiling_spm', input.ceiling_spm, 'The ceiling rate');
  const knob = input.step_pct !== null;
  const step = input.step_pct ?? 1;
  if (!(step > 0) || step > STROKE_LENGTH_GREATEST_PCT) {
    throw new InputError('step', 'The step of the stroke length must be more than 0 and at most 100 %.');
  }
  const pulses = pulseRate_ppm(input.greatestWater_m3h, input.litresPerPulse);
  const choices: PulseChoice[] = [];
  const consider = (way: PulseWay, factor: number) => {
    const strokes = strokesPerPulse(way, factor);
    const exact = (100 * perPulse) / (strokes * input.full_mL);
    const length_pct = knob
      ? Number((Math.round(exact / step) * step).toPrecision(12))
      : STROKE_LENGTH_GREATEST_PCT;
    if (length_pct < STROKE_LENGTH_LEAST_PCT || length_pct > STROKE_LENGTH_GREATEST_PCT) return;
    const greatest_spm = pulses * strokes;
    if (greatest_spm > CEILING_SHARE * input.ceiling_spm * (1 + 1e-12)) return;
    choices.push({ way, factor, length_pct, greatest_spm, error: length_pct / exact - 1 });
  };
  for (let n = 1; n <= (input.multiplyMost ?? MULTIPLY_MOST); n++) consider('multiply', n);
  for (let m = 2; m <= (input.divideMost ?? DIVIDE_MOST); m++) consider('divide', m);
  // without a knob nothing but the factor brings the dose near
  if (!knob) return choices.sort((a, b) => Math.abs(a.error) - Math.abs(b.error));
  const distance = LENGTH_WISH[input.school ?? 'middle'];
  return choices.sort(
    (a, b) => distance(a.length_pct) - distance(b.length_pct) || b.greatest_spm - a.greatest_spm,
  );
}

/** Length that leaves room both ways. */
const MIDDLE_PCT = 80;

/** How far a stroke length is from what a school wants; the least is the best. */
export const LENGTH_WISH: Record<StrokeSchool, (length_pct: number) => number> = {
  long: (length) => -length,
  middle: (length) => Math.abs(length - MIDDLE_PCT),
  even: (length) => length,
};
