import { lossOf_kW } from './hot-water';
import { flowForHeat_m3h, WARM_WATER, type Carrier } from '../../../heat';
import {
  fitFullCurve,
  fitFullPower,
  headAt_m,
  inParallel,
  type FullCurve,
  type FullPower,
} from '../../../hydraulics';
import type { CirculatorDuty, TwinWay } from '../wire/duty';

/** Cold water, as a cooling system holds it. */
const COLD_WATER: Carrier = { density_kgm3: 1000, heat_kJkgK: 4.2 };

/** A circulator on its system, as its duty tells. */
export interface PumpInSystem {
  readonly curve: FullCurve;
  readonly power: FullPower;
  /** one of a twin by itself; the same on a single pump */
  readonly alone: { readonly curve: FullCurve; readonly power: FullPower };
  readonly runs: 'one' | 'on-demand' | 'both';
  /** flow that carries the heat, m³/h */
  readonly flow_m3h: number;
  /** loss of the index circuit for each (m³/h)² */
  readonly loss: number;
}

export function carrierOf({ carrier, system }: Pick<CirculatorDuty, 'carrier' | 'system'>): Carrier {
  if (carrier.kind === 'mixture') return carrier;
  return system === 'cooling' ? COLD_WATER : WARM_WATER;
}

/**
 * The pump as it works with a way of a twin: one alone, unless both run (always, or on demand where one does not carry the duty). Throws an
 * InputError on `curve` or `power` where the points cannot be fitted.
 */
export function pumpOf(duty: CirculatorDuty, way: TwinWay | null = null): PumpInSystem {
  // a return makes good at least what its pipe loses
  const heat_kW = Math.max(duty.heat_kW, duty.hotWater ? lossOf_kW(duty.hotWater) : 0);
  const flow_m3h = flowForHeat_m3h(heat_kW, duty.difference_K, carrierOf(duty));
  const alone = { curve: fitFullCurve(duty.pump.curve), power: fitFullPower(duty.pump.power) };
  const runs = runsOf(duty, way);
  const both = runs === 'one' ? alone : { curve: inParallel(alone.curve, 2), power: powerOfTwo(alone.power) };
  return { ...both, alone, runs, flow_m3h, loss: duty.index.head_m / flow_m3h ** 2 };
}

function runsOf({ twin }: CirculatorDuty, way: TwinWay | null): PumpInSystem['runs'] {
  if (!twin || way === null || way === 'standby' || way === 'alternate') return 'one';
  return way === 'always' ? 'both' : 'on-demand';
}

/** Two alike that each have half of the flow: twice the power of one at half of it. */
function powerOfTwo({ atNoFlow_W, perFlow }: FullPower): FullPower {
  return { atNoFlow_W: 2 * atNoFlow_W, perFlow };
}

/** Head that full speed has left at the duty, m; below nil where the duty lies outside the curve. */
export function spare_m({ curve, flow_m3h }: PumpInSystem, { index }: CirculatorDuty): number {
  return headAt_m(curve, flow_m3h) - index.head_m;
}
