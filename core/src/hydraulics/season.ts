import {
  headAt_m,
  lineHead_m,
  noHeadFlow_m3h,
  powerOfShare_W,
  shareFor,
  type FullCurve,
  type FullPower,
  type HeadLine,
} from './head-line';

/** A year of varying heating: shares of the greatest flow, and of the hours that they last (EN 16297). */
export const SEASON = [
  { flow: 1, hours: 0.06 },
  { flow: 0.75, hours: 0.15 },
  { flow: 0.5, hours: 0.35 },
  { flow: 0.25, hours: 0.44 },
] as const;

/**
 * Power at each load of the season along a line, W, never under the least that the plate states. It turns no slower than its least speed,
 * where the curve lies above the line, and no faster than full speed, where the curve ends.
 */
export function loadsOf(
  line: HeadLine,
  curve: FullCurve,
  power: FullPower,
  design_m3h: number,
  least_W = 0,
  leastShare = 0,
): {
  readonly flow_m3h: number;
  readonly head_m: number;
  readonly power_W: number;
  readonly hours: number;
}[] {
  return SEASON.map(({ flow, hours }) => {
    const flow_m3h = Math.min(flow * design_m3h, noHeadFlow_m3h(curve));
    const onLine_m = lineHead_m(line, curve, flow_m3h);
    const share = Math.min(1, Math.max(leastShare, shareFor(curve, flow_m3h, onLine_m)));
    const head_m = Math.max(onLine_m, headAt_m(curve, flow_m3h, Math.min(share, leastShare)));
    const power_W = powerOfShare_W(power, flow_m3h, share);
    return { flow_m3h, head_m, power_W: Math.max(least_W, power_W), hours };
  });
}

/** Energy of a season of so many hours along a line, kWh. */
export function seasonEnergy_kWh(loads: ReturnType<typeof loadsOf>, hours: number): number {
  return loads.reduce((sum, load) => sum + (load.power_W / 1000) * load.hours * hours, 0);
}
