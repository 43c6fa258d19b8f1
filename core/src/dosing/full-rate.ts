import { InputError } from '../input';
import { strokeRate_spm } from './needed-flow';
import { STROKE_LENGTH_GREATEST_PCT, STROKE_LENGTH_LEAST_PCT, strokeVolume_mL } from './stroke-volume';

/** A rate the pump can be geared to. */
export interface Gear {
  readonly name: string;
  readonly greatest_spm: number;
}

/** Least capacity left over at the greatest water flow, as a share of what is needed. */
export const CAPACITY_MARGIN_LEAST = 0.1;

/** Share of needed flow that is left over: 0.1 is ten per cent more than needed. */
export function capacityMargin(capacity_lph: number, needed_lph: number): number {
  return needed_lph === 0 ? Infinity : capacity_lph / needed_lph - 1;
}

/** A stroke length and gear, and how near they come to the flow wanted at full rate. */
export interface LengthAndGear {
  readonly gear: Gear;
  readonly length_pct: number;
  /** (given − wanted)/wanted, from rounding the stroke length to the knob's step */
  readonly error: number;
}

/**
 * Every gear whose full rate gives `wanted_lph` at a stroke length within the working range:
 * L = 100·q/(n·v100·0.06), rounded to the knob's step. The gear that is fitted comes first, since it needs no work
 * on the machine; then the longest stroke.
 */
export function lengthsForFullRate(
  gears: readonly Gear[],
  fitted: string | null,
  full_mL: number,
  wanted_lph: number,
  step_pct: number,
): LengthAndGear[] {
  if (!(step_pct > 0)) throw new InputError('step', 'The step of the stroke length must be more than 0.');
  const choices = gears.flatMap((gear) => {
    const atFull_lph = strokeVolume_mL(full_mL, 100) * gear.greatest_spm * 0.06;
    const exact = (100 * wanted_lph) / atFull_lph;
    const length_pct = Math.round(exact / step_pct) * step_pct;
    if (length_pct < STROKE_LENGTH_LEAST_PCT || length_pct > STROKE_LENGTH_GREATEST_PCT) return [];
    return [{ gear, length_pct, error: length_pct / exact - 1 }];
  });
  return choices.sort(
    (a, b) => Number(b.gear.name === fitted) - Number(a.gear.name === fitted) || b.length_pct - a.length_pct,
  );
}

export type FullRateAnswer =
  /** the pump gives q(Qs): the line ends at 20 mA */
  | { readonly kind: 'at-span'; readonly x2_mA: 20; readonly rate_spm: number }
  /** not q(Qs), but q(Qmax): free points end earlier */
  | { readonly kind: 'second-point'; readonly x2_mA: number; readonly rate_spm: number }
  /** not even q(Qmax) */
  | { readonly kind: 'too-small'; readonly needed_spm: number; readonly greatest_spm: number };

/**
 * Where the upper point of free set points belongs, by the transmitter's span and not by the greatest flow.
 * If the pump cannot give q(Qs) but can give q(Qmax): (low + (20 − low)·Qmax/Qs, n(Qmax)). Else it is too small.
 */
export function fullRate(input: {
  readonly low_mA: number;
  readonly span_m3h: number;
  readonly greatest_m3h: number;
  readonly neededAtSpan_lph: number;
  readonly neededAtGreatest_lph: number;
  readonly stroke_mL: number;
  readonly greatest_spm: number;
}): FullRateAnswer {
  const atSpan = strokeRate_spm(input.neededAtSpan_lph, input.stroke_mL);
  if (atSpan <= input.greatest_spm) return { kind: 'at-span', x2_mA: 20, rate_spm: atSpan };
  const atGreatest = strokeRate_spm(input.neededAtGreatest_lph, input.stroke_mL);
  if (atGreatest <= input.greatest_spm) {
    const x2_mA = input.low_mA + ((20 - input.low_mA) * input.greatest_m3h) / input.span_m3h;
    return { kind: 'second-point', x2_mA, rate_spm: atGreatest };
  }
  return { kind: 'too-small', needed_spm: atGreatest, greatest_spm: input.greatest_spm };
}
