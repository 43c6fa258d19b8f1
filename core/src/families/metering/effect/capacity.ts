import { pumpFlow_lph } from '../../../dosing';
import type { MeteringContext } from '../settings/context';
import { mostAsked } from './dose';
import { gearsOf } from '../wire/plate';
import type { MeteringSettings } from '../settings/understand';

export interface CapacityRung {
  readonly rung: 'rated' | 'gear' | 'length' | 'suction' | 'pressure' | 'needed';
  readonly flow_lph: number;
}

/**
 * The capacity ladder: rated (fastest gear, full stroke) → gear → stroke length → slow suction → back pressure → what
 * is needed at most. Rungs that take nothing away are left out; each stands on the one before.
 */
export function capacityLadder(context: MeteringContext, settings: MeteringSettings): CapacityRung[] {
  const { strokeVolume, pressure, place } = context.duty;
  const fastest = Math.max(...gearsOf(context.profile).map((gear) => gear.greatest_spm));
  const rungs: CapacityRung[] = [{ rung: 'rated', flow_lph: pumpFlow_lph(strokeVolume.full_mL, fastest) }];
  let flow_lph = rungs[0].flow_lph;
  const take = (rung: CapacityRung['rung'], share: number) => {
    if (share >= 1) return;
    flow_lph *= share;
    rungs.push({ rung, flow_lph });
  };
  const set = Math.min(settings.geared_spm, settings.setGreatest_spm ?? Infinity);
  take('gear', set / fastest);
  if (settings.length_pct) take('length', settings.length_pct / 100);
  // of a pump that is limited to nil nothing is left to take
  if (set > 0) take('suction', settings.limits.greatest_spm / set);
  if (pressure && pressure.lossPer_bar !== null) {
    // the rated flow stands for the working pressure: what the swing takes beyond it is lost
    const here = 1 - pressure.lossPer_bar * (place.dischargePressure_bar ?? 0);
    take('pressure', Math.max(0, (1 - pressure.lossPer_bar * pressure.greatest_bar) / here));
  }
  rungs.push({ rung: 'needed', flow_lph: mostAsked(context).flow_lph });
  return rungs;
}
