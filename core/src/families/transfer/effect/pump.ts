import {
  fitFullCurve,
  fitFullPower,
  flowAgainst_m3h,
  leastShare,
  liftOut_m,
  motorCeiling_rpm,
  netSuctionHead_m,
  powerOfShare_W,
  shareFor,
  SUCTION_MARGIN_m,
  type FullCurve,
  type FullPower,
} from '../../../hydraulics';
import type { TransferContext } from '../settings/context';
import type { TransferSettings } from '../settings/understand';
import { meanInflow_m3h } from './vessel';
import type { TransferDuty } from '../wire/duty';

/** The pump on its pipe: the pipe's loss is part of its curve, the lift stands against it. */
export interface PumpOut {
  readonly curve: FullCurve;
  readonly power: FullPower;
  /** head to lift: static, and out of the vacuum */
  readonly lift_m: number;
  readonly rated_rpm: number;
}

/** Throws an InputError on `curve` or `power` where the points cannot be fitted. */
export function pumpOf({ pump, vessel, product }: TransferDuty): PumpOut {
  const curve = fitFullCurve(pump.curve);
  const pipe = pump.pipe ? pump.pipe.loss_m / (pump.pipe.at_m3h * pump.pipe.at_m3h) : 0;
  return {
    curve: { ...curve, fall: curve.fall + pipe },
    power: fitFullPower(pump.power),
    lift_m: liftOut_m(pump.static_m, vessel.vacuum_kPa, product.density_kgm3),
    rated_rpm: pump.rated_rpm,
  };
}

/** Flow at a speed, m³/h; nil where it moves nothing. */
export function flowAt_m3h({ curve, lift_m, rated_rpm }: PumpOut, speed_rpm: number): number {
  return flowAgainst_m3h(curve, lift_m, speed_rpm / rated_rpm) ?? 0;
}

/** Speed that gives a flow, rev/min. */
export function speedFor_rpm({ curve, lift_m, rated_rpm }: PumpOut, flow_m3h: number): number {
  return rated_rpm * shareFor(curve, flow_m3h, lift_m);
}

/** Under it nothing moves: n·√(H_lift/H0). */
export function movesAbove_rpm({ curve, lift_m, rated_rpm }: PumpOut): number {
  return rated_rpm * leastShare(lift_m, curve.closed_m);
}

/** What ends the speed upwards. */
export interface Ceiling {
  readonly by: 'curve' | 'motor' | 'limit' | 'suction';
  readonly rpm: number;
}

/** Head that stands at its inlet above boiling, under the vessel's vacuum, m. */
export function suctionHead_m({ duty }: Pick<TransferContext, 'duty'>): number {
  const { vessel, product, altitude_m } = duty;
  const vacuum_bar = -vessel.vacuum_kPa / 100;
  return netSuctionHead_m(vacuum_bar, product.in_C, altitude_m, product.density_kgm3) + vessel.above_m;
}

/** Speed above which the head at its inlet is too little: what it needs grows with the square of its speed. Null while that is not known. */
export function suctionCeiling_rpm({ duty }: Pick<TransferContext, 'duty'>): number | null {
  const { npsh_m, rated_rpm } = duty.pump;
  if (npsh_m === null || npsh_m === 0) return null;
  const there = suctionHead_m({ duty }) - SUCTION_MARGIN_m;
  return there <= 0 ? 0 : rated_rpm * Math.sqrt(there / npsh_m);
}

/** How much faster than its curve a pump is ever turned: its maker's word counts beyond. */
const BEYOND_CURVE = 1.2;

/** Everything that ends the speed upwards, the least first. */
export function ceilings(context: Pick<TransferContext, 'duty' | 'plate'>, pump: PumpOut): Ceiling[] {
  const { duty, plate } = context;
  const { limit_rpm, rated_rpm } = duty.pump;
  const all: Ceiling[] = [{ by: 'curve', rpm: rated_rpm * BEYOND_CURVE }];
  if (plate.rated_W !== null && plate.speed_rpm !== null) {
    const share = plate.speed_rpm / rated_rpm;
    const load_W = powerOfShare_W(pump.power, flowAt_m3h(pump, plate.speed_rpm), share);
    all.push({ by: 'motor', rpm: motorCeiling_rpm(plate.speed_rpm, plate.rated_W, load_W) });
  }
  if (limit_rpm !== null) all.push({ by: 'limit', rpm: limit_rpm });
  const suction = suctionCeiling_rpm(context);
  if (suction !== null) all.push({ by: 'suction', rpm: suction });
  return all.sort((a, b) => a.rpm - b.rpm);
}

/**
 * Flow with which the vessel is drawn empty at its bottom level, m³/h: at its least speed, or, in even-flow, the mean less what the gain
 * takes off for half of the swing where that is more; the mean of a session, or of cleaning where that is not announced. Null while the
 * speeds are not known.
 */
export function flowAtBottom_m3h(
  duty: TransferDuty,
  pump: PumpOut,
  { least_rpm, most_rpm, control, gain, bottom_mm, top_mm, cleaning }: TransferSettings,
): number | null {
  if (least_rpm === null) return null;
  const slowest = flowAt_m3h(pump, least_rpm);
  if (control !== 'even' || bottom_mm === null || top_mm === null || top_mm <= bottom_mm) return slowest;
  const half_mm = (top_mm - bottom_mm) / 2;
  const mean = meanInflow_m3h(duty);
  const perMm = gain === null ? (mean * 0.5) / half_mm : gain / 1000;
  const most = most_rpm === null ? Infinity : flowAt_m3h(pump, most_rpm);
  const means = [mean, ...(cleaning === 'used' ? [] : [duty.inflow.cleaning_m3h])];
  const fastest = Math.max(...means.map((of) => of - perMm * half_mm));
  return Math.max(slowest, Math.min(most, fastest));
}
