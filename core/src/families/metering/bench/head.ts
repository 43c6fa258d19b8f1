import type { MeteringState } from './model-state';
import type { MeteringPlant } from './plant';

/** While it stands, a deaerating pump moves its diaphragm this often, and gives a little of a stroke. */
const DEAERATION_EVERY_s = 120;
const DEAERATION_DOSE = 0.05;

/** What the strokes deliver: gas first, then liquid; and what they take from the tank. */
export function pump(p: MeteringPlant, s: MeteringState, strokes: number, runs: boolean): void {
  s.flow_mL = 0;
  if (strokes <= 0) {
    s.still_s += 1;
    s.gas_mL += p.gasPerSecond_mL;
    // standing cannot fill more than the head
    if (s.gas_mL > p.dead_mL + p.stroke_mL) s.gas_mL = p.dead_mL + p.stroke_mL;
    if (p.deaerates && runs && s.still_s % DEAERATION_EVERY_s === 0 && s.gas_mL > 0) {
      s.gas_mL = (s.gas_mL * p.dead_mL) / (p.dead_mL + p.stroke_mL);
      deliver(s, DEAERATION_DOSE * p.stroke_mL);
    }
    return;
  }
  s.still_s = 0;
  s.strokes += strokes;
  const air = s.tank_L <= 0;
  s.dry = air ? 1 : 0;
  if (air) {
    s.dry_s += 1;
    s.gas_mL = p.dead_mL + p.stroke_mL;
    return;
  }
  const volume = p.stroke_mL * strokeShare(p, s.pressure_bar);
  s.gas_mL += p.gasPerStroke_mL * strokes;
  const squeezed = 1 - p.suction_bar / (p.air_bar + s.pressure_bar + p.injection_bar);
  let left = strokes;
  let given = 0;
  while (left > 0) {
    const part = left < 1 ? left : 1;
    const delivered = volume - s.gas_mL * (squeezed > 0 ? squeezed : 0);
    if (delivered <= 0) break;
    given += delivered * part;
    s.gas_mL -= (s.gas_mL * volume * part) / (p.dead_mL + volume);
    left -= part;
  }
  s.locked = given === 0 ? 1 : 0;
  if (s.locked === 1) s.locked_s += 1;
  deliver(s, given);
}

/** Stroke volume at a pressure as a share of that at the working pressure, where it was measured. */
function strokeShare(p: MeteringPlant, pressure_bar: number): number {
  const share = (1 - p.lossPer_bar * pressure_bar) / (1 - p.lossPer_bar * p.base_bar);
  return share > 0 ? share : 0;
}

function deliver(s: MeteringState, volume_mL: number): void {
  const there = s.tank_L * 1000;
  const given = volume_mL < there ? volume_mL : there;
  s.tank_L = (there - given) / 1000;
  s.given_mL += given;
  s.flow_mL = given;
}

/** Pressure in the head over one discharge stroke, 0 to 1 of its way: gas makes the rise come late and stay low. */
export function strokeTrace(
  plant: MeteringPlant,
  state: MeteringState,
  points = 60,
): { readonly at: number; readonly bar: number }[] {
  const discharge = plant.air_bar + state.pressure_bar + plant.injection_bar;
  const volume = plant.stroke_mL * strokeShare(plant, state.pressure_bar);
  return Array.from({ length: points + 1 }, (_, i) => {
    const at = i / points;
    const left = state.gas_mL - volume * at;
    // gas is squeezed at one temperature until the discharge opens; liquid alone opens it at once
    const squeezed = left > 0 ? (plant.suction_bar * state.gas_mL) / left : Infinity;
    return { at, bar: at === 0 ? plant.suction_bar : Math.min(discharge, squeezed) };
  });
}
