import { heatOfFlow_kW, WARM_WATER } from '../../../heat';
import type { ClockRun } from '../settings/understand';
import type { HotWater } from '../wire/duty';

const DAY_min = 1440;
/** Air around pipes in a house, °C. */
export const AROUND_C = 20;

/** What the pipe of a hot-water return loses, kW: Q = u·ℓ. */
export function lossOf_kW({ pipe_m, loss_Wm }: Pick<HotWater, 'pipe_m' | 'loss_Wm'>): number {
  return (pipe_m * loss_Wm) / 1000;
}

/** Temperature that a steady flow comes back with, °C: the supply less what the pipe takes from it. */
export function returnAt_C(hotWater: HotWater, flow_m3h: number): number {
  if (flow_m3h <= 0) return AROUND_C;
  const perKelvin_kW = heatOfFlow_kW(flow_m3h, 1, WARM_WATER);
  return Math.max(AROUND_C, hotWater.supply_C - lossOf_kW(hotWater) / perKelvin_kW);
}

/** Flow that brings the return back at its coolest, m³/h. */
export function flowForReturn_m3h(hotWater: HotWater): number {
  const drop_K = hotWater.supply_C - hotWater.coolest_C;
  return lossOf_kW(hotWater) / heatOfFlow_kW(1, drop_K, WARM_WATER);
}

/** Minute by minute of a day: 1 while a run of the clock lasts, past midnight where it ends before it begins. */
export function minutesOf(runs: readonly ClockRun[]): readonly number[] {
  const running = Array.from({ length: DAY_min }, () => 0);
  for (const { from, to } of runs) {
    const lasts = (to - from + DAY_min) % DAY_min;
    for (let minute = 0; minute < lasts; minute++) running[(from + minute) % DAY_min] = 1;
  }
  return running;
}

/** The longest that a clock leaves the water standing, minutes; the whole day where it has no run. */
export function pauseOf_min(runs: readonly ClockRun[]): number {
  const running = minutesOf(runs);
  let [longest, now] = [0, 0];
  // twice round, so that a pause over midnight is one
  for (let minute = 0; minute < 2 * DAY_min; minute++) {
    now = running[minute % DAY_min] === 1 ? 0 : now + 1;
    longest = Math.max(longest, now);
  }
  return Math.min(DAY_min, longest);
}

/** A pipe whose bore nobody read is taken for this, mm. */
const USUAL_BORE_mm = 20;

/** Water in the pipe of a return, m³. */
export function returnVolume_m3({ pipe_m }: Pick<HotWater, 'pipe_m'>, bore_mm: number | null): number {
  const bore_m = (bore_mm ?? USUAL_BORE_mm) / 1000;
  return (Math.PI / 4) * bore_m * bore_m * pipe_m;
}

/** Share of the difference to the air around that standing water loses in a second. */
export function coolsPerSecond(hotWater: HotWater, bore_mm: number | null): number {
  const heat_kJ = returnVolume_m3(hotWater, bore_mm) * WARM_WATER.density_kgm3 * WARM_WATER.heat_kJkgK;
  return lossOf_kW(hotWater) / (heat_kJ * (hotWater.supply_C - AROUND_C));
}

/** By temperature it stops this much above the temperature at which it starts, K. */
export const STOPS_ABOVE_K = 2;

/** How long the water stands between two runs by its temperature, minutes: cooling from where it stops to where it starts. */
export function standsByTemperature_min(
  hotWater: HotWater,
  bore_mm: number | null,
  starts_C: number,
): number {
  const over = starts_C - AROUND_C;
  if (over <= 0) return Infinity;
  return Math.log((over + STOPS_ABOVE_K) / over) / coolsPerSecond(hotWater, bore_mm) / 60;
}
