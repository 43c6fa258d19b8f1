import { flowForHeat_m3h, WARM_WATER, type Carrier } from '../../../heat';
import { fitFullCurve, fitFullPower, headAt_m, type FullCurve, type FullPower } from '../../../hydraulics';
import type { CirculatorDuty } from '../wire/duty';

/** Cold water, as a cooling system holds it. */
const COLD_WATER: Carrier = { density_kgm3: 1000, heat_kJkgK: 4.2 };

/** A circulator on its system, as its duty tells. */
export interface PumpInSystem {
  readonly curve: FullCurve;
  readonly power: FullPower;
  /** flow that carries the heat, m³/h */
  readonly flow_m3h: number;
  /** loss of the index circuit for each (m³/h)² */
  readonly loss: number;
}

export function carrierOf({ carrier, system }: CirculatorDuty): Carrier {
  if (carrier.kind === 'mixture') return carrier;
  return system === 'cooling' ? COLD_WATER : WARM_WATER;
}

/** Throws an InputError on `curve` or `power` where the points cannot be fitted. */
export function pumpOf(duty: CirculatorDuty): PumpInSystem {
  const flow_m3h = flowForHeat_m3h(duty.heat_kW, duty.difference_K, carrierOf(duty));
  return {
    curve: fitFullCurve(duty.pump.curve),
    power: fitFullPower(duty.pump.power),
    flow_m3h,
    loss: duty.index.head_m / flow_m3h ** 2,
  };
}

/** Head that full speed has left at the duty, m; below nil where the duty lies outside the curve. */
export function spare_m({ curve, flow_m3h }: PumpInSystem, { index }: CirculatorDuty): number {
  return headAt_m(curve, flow_m3h) - index.head_m;
}
