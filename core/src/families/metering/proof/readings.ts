import { pumpFlow_lph, strokeVolume_mL } from '../../../dosing';
import { slope, type TwoPointMap } from '../../../signal';
import { responseAt, type ResponseCause } from '../../../strokes';
import { tooShort } from './count';
import type { MeteringContext } from '../settings/context';
import { lineInForce } from '../effect/dose';
import type { MeteringSettings } from '../settings/understand';
import type { SignalReading } from '../../../visit';

/** Error of injector and input together that a sound loop may show, mA. */
export const LOOP_ERROR_mA = 0.1;
/** A counted run shorter than this leaves a stroke too much weight. */
export const COUNT_TIME_s = 60;
/** Share by which a measured flow may differ: plate stroke volumes are no better. */
export const FLOW_TOLERANCE = 0.1;
/** The same once the stroke was drawn down: 2 % of the drawdown and 2 % of this reading, together. */
export const FLOW_TOLERANCE_MEASURED = 0.03;

/** What a measured flow may differ by on this pump, as a share. */
export function flowTolerance({ duty }: MeteringContext): number {
  return duty.strokeVolume.basis === 'measured' ? FLOW_TOLERANCE_MEASURED : FLOW_TOLERANCE;
}

export interface ExpectedPoint {
  readonly x_mA: number;
  readonly rate_spm: number;
  readonly flow_lph: number | null;
  readonly cause: ResponseCause;
}

/** What the pump must do at a current with these settings; null when they are not fully known. */
export function expectedAt(
  context: MeteringContext,
  settings: MeteringSettings,
  x_mA: number,
): ExpectedPoint | null {
  const map = lineInForce(settings);
  if (!map) return null;
  const watch = settings.mode === 'analog' ? settings.watch : null;
  const { rate_spm, cause } = responseAt(map, watch, settings.limits, x_mA);
  const flow_lph = settings.length_pct
    ? pumpFlow_lph(strokeVolume_mL(context.duty.strokeVolume.full_mL, settings.length_pct), rate_spm)
    : null;
  return { x_mA, rate_spm, flow_lph, cause };
}

export interface Tolerance {
  readonly spm: number;
  /** its three parts, for the words beside it */
  readonly count_spm: number;
  readonly loop_spm: number;
  readonly rounding_spm: number;
}

/**
 * How far a counted rate may be from the expected one: one stroke in the count, the loop's error times the slope of
 * the line, and half a stroke of the pump's own rounding.
 */
export function toleranceAt(map: TwoPointMap, seconds: number): Tolerance {
  const count_spm = 60 / seconds;
  const loop_spm = Math.abs(slope(map)) * LOOP_ERROR_mA;
  const rounding_spm = 0.5;
  return { spm: count_spm + loop_spm + rounding_spm, count_spm, loop_spm, rounding_spm };
}

export interface ReadingVerdict {
  readonly reading: SignalReading;
  readonly expected: ExpectedPoint;
  readonly tolerance_spm: number | null;
  readonly measured_spm: number | null;
  readonly rateOk: boolean | null;
  readonly flowOk: boolean | null;
  /** why the count proves nothing, and how long would; null for one that does */
  readonly short: string | null;
  readonly ok: boolean;
}

/** Judges one reading against the settings in force. Null when nothing can be expected yet. */
export function judge(
  context: MeteringContext,
  settings: MeteringSettings,
  reading: SignalReading,
): ReadingVerdict | null {
  const expected = expectedAt(context, settings, reading.injected_mA);
  const map = lineInForce(settings);
  if (!expected || !map) return null;
  const measured_spm = rateOf(reading);
  let tolerance_spm: number | null = null;
  let rateOk: boolean | null = null;
  let short: string | null = null;
  if (measured_spm !== null) {
    const seconds = reading.seconds ?? COUNT_TIME_s;
    const { least_spm, greatest_spm } = withinLoop(context, settings, reading.injected_mA);
    // where it must stand still, however far off the loop, one stroke is one too many
    const still = greatest_spm === 0;
    const { count_spm, rounding_spm, spm } = toleranceAt(map, seconds);
    const off = Math.max(expected.rate_spm - least_spm, greatest_spm - expected.rate_spm);
    tolerance_spm = still ? 0 : Math.max(expected.rate_spm === 0 ? 0 : spm, off + count_spm + rounding_spm);
    rateOk = Math.abs(measured_spm - expected.rate_spm) <= tolerance_spm;
    short = tooShort(expected.rate_spm, seconds);
  }
  let flowOk: boolean | null = null;
  if (reading.flow_lph !== null && expected.flow_lph !== null) {
    const allowed = expected.flow_lph * flowTolerance(context);
    flowOk = Math.abs(reading.flow_lph - expected.flow_lph) <= allowed;
  }
  const proved = (rateOk !== null && short === null) || flowOk !== null;
  const ok = (rateOk ?? true) && (flowOk ?? true) && proved;
  return { reading, expected, tolerance_spm, measured_spm, rateOk, flowOk, short, ok };
}

/** Least and greatest rate that a sound pump may make while the loop is off by what is allowed, either way. */
function withinLoop(
  context: MeteringContext,
  settings: MeteringSettings,
  x_mA: number,
): { least_spm: number; greatest_spm: number } {
  const rates = [-1, -0.5, 0, 0.5, 1].map(
    (share) => expectedAt(context, settings, x_mA + share * LOOP_ERROR_mA)?.rate_spm ?? 0,
  );
  return { least_spm: Math.min(...rates), greatest_spm: Math.max(...rates) };
}

/** Strokes/min counted, or null when strokes were not counted. */
export function rateOf(reading: SignalReading): number | null {
  if (reading.strokes === null || reading.seconds === null || reading.seconds <= 0) return null;
  return (reading.strokes * 60) / reading.seconds;
}
