import { pumpFlow_lph } from '../../dosing';
import type { MeteringContext } from './context';
import { capacity_lph, needed_lph } from './dose';
import { gearsOf } from './pump';
import type { MeteringSettings } from './settings';

export interface CapacityRung {
  readonly rung: 'rated' | 'gear' | 'length' | 'needed';
  readonly flow_lph: number;
}

/** The capacity ladder: rated (fastest gear, full stroke) → gear → stroke length → what is needed at most. */
export function capacityLadder(context: MeteringContext, settings: MeteringSettings): CapacityRung[] {
  const full = context.duty.strokeVolume.full_mL;
  const fastest = Math.max(...gearsOf(context.profile).map((gear) => gear.greatest_spm));
  const rungs: CapacityRung[] = [
    { rung: 'rated', flow_lph: pumpFlow_lph(full, fastest) },
    { rung: 'gear', flow_lph: pumpFlow_lph(full, settings.limits.greatest_spm) },
  ];
  const atLength = capacity_lph(context, settings);
  if (atLength !== null) rungs.push({ rung: 'length', flow_lph: atLength });
  rungs.push({ rung: 'needed', flow_lph: needed_lph(context, context.duty.water.greatest_m3h) });
  return rungs;
}
