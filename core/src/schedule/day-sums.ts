import { flowAt_m3h, lawThrough, powerAt_W, type FlowPoint } from '../hydraulics';
import type { Segment } from './programs';
import { costOf, type PriceWindow } from './tariff';

/** What a resolved day moves and costs. */
export interface DaySums {
  readonly volume_m3: number;
  readonly energy_kWh: number;
  readonly cost: number;
  readonly run_min: number;
}

/** Sums of a resolved day: flow ∝ speed, power ∝ speed^exponent, both through one measured point. */
export function daySums(
  segments: readonly Segment[],
  point: FlowPoint,
  exponent: number,
  tariff: readonly PriceWindow[],
): DaySums {
  const law = lawThrough(point, exponent);
  let volume_m3 = 0;
  let energy_kWh = 0;
  let cost = 0;
  let run_min = 0;
  for (const { from, to, program } of segments) {
    if (!program) continue;
    const power_W = powerAt_W(law, program.speed);
    const hours = (to - from) / 60;
    volume_m3 += flowAt_m3h(point, program.speed) * hours;
    energy_kWh += (power_W / 1000) * hours;
    cost += costOf(tariff, from, to, power_W);
    run_min += to - from;
  }
  return { volume_m3, energy_kWh, cost, run_min };
}
