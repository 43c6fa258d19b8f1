import {
  displacedFlow_m3h,
  displacedShare,
  fitDisplacement,
  fitFullCurve,
  fitFullPower,
  flowAgainst_m3h,
  leastShare,
  liftOut_m,
  metresPerBar,
  motorCeiling_rpm,
  netSuctionHead_m,
  powerOfShare_W,
  shareFor,
  SUCTION_MARGIN_m,
  type Displacement,
  type FullCurve,
  type FullPower,
} from '../../../hydraulics';
import type { TransferContext } from '../settings/context';
import type { TransferSettings } from '../settings/understand';
import { meanInflow_m3h } from './vessel';
import { displaces, type TransferDuty } from '../wire/duty';

/** The pump on its pipe, with the lift against it. */
export type PumpOut = Thrown | Displaced;
interface OnItsPipe {
  readonly power: FullPower;
  /** head to lift: static, and out of the vacuum */
  readonly lift_m: number;
  readonly rated_rpm: number;
}
/** One that throws: the pipe's loss is part of its curve. */
interface Thrown extends OnItsPipe {
  readonly kind: 'throws';
  readonly curve: FullCurve;
}
/** One that displaces. */
interface Displaced extends OnItsPipe {
  readonly kind: 'displaces';
  readonly displacement: Displacement;
  /** m for each (m³/h)² */
  readonly pipe: number;
}

/** Throws an InputError on `curve` or `power` where the points cannot be fitted. */
export function pumpOf({ pump, pumpKind, vessel, product }: TransferDuty): PumpOut {
  const pipe = pump.pipe ? pump.pipe.loss_m / (pump.pipe.at_m3h * pump.pipe.at_m3h) : 0;
  const common = {
    power: fitFullPower(pump.power),
    lift_m: liftOut_m(pump.static_m, vessel.vacuum_kPa, product.density_kgm3),
    rated_rpm: pump.rated_rpm,
  };
  if (displaces(pumpKind))
    return { kind: 'displaces', ...common, displacement: fitDisplacement(pump.curve), pipe };
  const curve = fitFullCurve(pump.curve);
  return { kind: 'throws', ...common, curve: { ...curve, fall: curve.fall + pipe } };
}

/** Flow at a speed, m³/h; nil where it moves nothing. */
export function flowAt_m3h(pump: PumpOut, speed_rpm: number): number {
  const share = speed_rpm / pump.rated_rpm;
  return pump.kind === 'displaces'
    ? displacedFlow_m3h(pump.displacement, pump, share)
    : (flowAgainst_m3h(pump.curve, pump.lift_m, share) ?? 0);
}

/** Speed that gives a flow, rev/min. */
export function speedFor_rpm(pump: PumpOut, flow_m3h: number): number {
  return (
    pump.rated_rpm *
    (pump.kind === 'displaces'
      ? displacedShare(pump.displacement, pump, flow_m3h)
      : shareFor(pump.curve, flow_m3h, pump.lift_m))
  );
}

/** Under it nothing moves: n·√(H_lift/H0); of one that displaces, what slips back through its gaps. */
export function movesAbove_rpm(pump: PumpOut): number {
  return (
    pump.rated_rpm *
    (pump.kind === 'displaces'
      ? displacedShare(pump.displacement, pump, 0)
      : leastShare(pump.lift_m, pump.curve.closed_m))
  );
}

/** What it takes at a speed, W. Of one that displaces the torque goes by the head, so its power goes with its speed. */
export function powerAt_W(pump: PumpOut, speed_rpm: number): number {
  const share = speed_rpm / pump.rated_rpm;
  const flow = flowAt_m3h(pump, speed_rpm);
  if (pump.kind === 'throws') return powerOfShare_W(pump.power, flow, share);
  const { atNoFlow_W, perFlow } = pump.power;
  return (atNoFlow_W + perFlow * atRated_m3h(pump, flow, share)) * share;
}

/** Flow that it would give at the speed of its points against the same head, m³/h. */
function atRated_m3h({ displacement }: Displaced, flow_m3h: number, share: number): number {
  return flow_m3h + displacement.atNoHead_m3h * (1 - share);
}

/** Pressure behind it at a speed, above that at its inlet, bar. */
export function pressureBehind_bar(pump: PumpOut, speed_rpm: number, density_kgm3: number): number {
  const flow = flowAt_m3h(pump, speed_rpm);
  const pipe = pump.kind === 'displaces' ? pump.pipe * flow * flow : 0;
  return (pump.lift_m + pipe) / metresPerBar(density_kgm3);
}

/** The fastest at which one that displaces stays within its motor: its power over, its torque under the plate's speed. */
function displacedCeiling_rpm(pump: PumpOut, plate_rpm: number, plate_W: number): number {
  const fits = (rpm: number) => powerAt_W(pump, rpm) <= plate_W * Math.min(1, rpm / plate_rpm) * (1 + 1e-12);
  let [low, high] = [0, pump.rated_rpm * BEYOND_CURVE];
  if (fits(high)) return high;
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (fits(middle)) low = middle;
    else high = middle;
  }
  return low;
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
    const { speed_rpm, rated_W } = plate;
    const rpm =
      pump.kind === 'displaces'
        ? displacedCeiling_rpm(pump, speed_rpm, rated_W)
        : motorCeiling_rpm(speed_rpm, rated_W, powerAt_W(pump, speed_rpm));
    all.push({ by: 'motor', rpm });
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
  const announced = cleaning === 'used' && duty.inflow.cleaningInput !== false;
  const means = [mean, ...(announced ? [] : [duty.inflow.cleaning_m3h])];
  const fastest = Math.max(...means.map((of) => of - perMm * half_mm));
  return Math.max(slowest, Math.min(most, fastest));
}
