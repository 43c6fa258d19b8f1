import type { BenchInputs, BenchModel } from '../../../bench';
import { control } from './controller';
import { METERING_EVENTS, type MeteringEvent } from './events';
import { BLANK, type MeteringState } from './model-state';
import { pump } from './head';
import type { MeteringPlant } from './plant';
import { CHANNELS, FLAGS, flagsOf, read, sums } from './shown';

/**
 * The bench's metering pump: controller, drive, head with its gas, tank, and the water it doses into. A pulse pump
 * makes its strokes as they fall due; a smooth drive gives its flow evenly.
 *
 * Head: a stroke of v against p_d delivers v − g·(1 − p_s/p_d), g being the gas in it at suction pressure: gas is
 * squeezed before liquid moves. When nothing is left it is locked, which is the rule of the gas check. With each stroke
 * that delivers, gas leaves in the share v/(dead + v).
 */
export function meteringModel(plant: MeteringPlant): BenchModel<MeteringState, MeteringEvent> {
  return {
    events: METERING_EVENTS,
    channels: plant.tankKnown ? CHANNELS : CHANNELS.slice(0, -1),
    flags: [
      ...FLAGS,
      { begins: 'The dose has been outside its band for 10 min.', ends: 'The dose is back in its band.' },
    ],
    init: () => ({ ...BLANK, tank_L: plant.tank_L, pressure_bar: plant.base_bar }),
    step: (state, inputs) => step(plant, state, inputs),
    read,
    flagsOf,
    sums: (state) => sums(plant, state),
  };
}

function step(p: MeteringPlant, s: MeteringState, inputs: BenchInputs<MeteringEvent>): void {
  plantSide(p, s, inputs);
  guards(p, s, inputs);
  const runs = s.powerless === 0 && s.waiting === 0 && s.stopped === 0 && s.levelStop === 0;
  const due = control(p, s, inputs.second, runs);
  pump(p, s, due, runs);
  water(p, s, inputs.water_m3h);
}

/** Signal, pulses, pressure and tank, as the plant makes them. */
function plantSide(
  p: MeteringPlant,
  s: MeteringState,
  { on, begins, amount, water_m3h }: BenchInputs<MeteringEvent>,
): void {
  const low = on['wrong-range'] ? 4 - p.low_mA : p.low_mA;
  const demand = water_m3h / p.span_m3h;
  const share = p.falling ? (demand < 1 ? 1 - demand : 0) : demand;
  const current = low + (20 - low) * share;
  s.current_mA = on['broken-wire'] ? 0 : current > 20.5 ? 20.5 : current;
  const rate = (water_m3h * 1000) / 3600 / p.litresPerPulse;
  s.pulseCarry += rate;
  const whole = Math.floor(s.pulseCarry + 1e-9);
  s.pulseCarry -= whole;
  s.pulses = p.mode === 'pulses' ? contacts(p, whole, rate, on['meter-bounce']) : whole;
  s.pulsesSeen += whole;
  s.pressure_bar = on.pressure ? amount.pressure : p.base_bar;
  if (s.pressure_bar > s.pressureMost_bar) s.pressureMost_bar = s.pressure_bar;
  if (begins.gas && amount.gas > 0) s.gas_mL += amount.gas;
  if (begins['tank-level']) s.tank_L = amount['tank-level'] >= 0 ? amount['tank-level'] : 0;
}

/** What the input makes of pulses: contacts shorter than its recognition time are missed, bounce counts when it is short. */
function contacts(p: MeteringPlant, pulses: number, perSecond: number, bouncing: boolean): number {
  if (pulses === 0) return 0;
  const shortest_ms = perSecond > 0 ? (1000 / perSecond) * p.shortestShare : 1000;
  if (p.recognition_ms > shortest_ms) return 0;
  return bouncing && p.bounces ? 2 * pulses : pulses;
}

function guards(p: MeteringPlant, s: MeteringState, { on }: BenchInputs<MeteringEvent>): void {
  const cut = on['power-cut'];
  if (cut && s.powerless === 0) {
    s.queue = 0;
    s.strokeCarry = 0;
  }
  if (!cut && s.powerless === 1 && !p.resumes) s.waiting = 1;
  s.powerless = cut ? 1 : 0;
  if (p.stop === 'permits') {
    s.stopped = on['stop-asked'] || on['stop-open'] || on['wire-pulled'] ? 1 : 0;
  } else if (p.stop === 'stops') {
    // an open contact or a broken wire lets it run, whatever the plant asks
    s.stopped = on['stop-asked'] && !on['stop-open'] && !on['wire-pulled'] ? 1 : 0;
  } else s.stopped = 0;
  s.levelStop = p.dryStops && s.tank_L <= p.stopLevel_L ? 1 : 0;
}

/** The dose in the water: product in, water through, mixed in a volume; and whether it is where it should be. */
function water(p: MeteringPlant, s: MeteringState, water_m3h: number): void {
  const through_m3 = water_m3h / 3600;
  const mass_g = (s.flow_mL * p.strength_gpl) / 1000;
  s.dose_mgl += (mass_g - through_m3 * s.dose_mgl) / p.mixing_m3;
  s.wanted_mL += (through_m3 * p.wanted_mgl * 1000) / p.strength_gpl;
  if (water_m3h <= 0) {
    s.outside_s = 0;
    return;
  }
  s.flowing_s += 1;
  if (s.dose_mgl >= p.low_mgl && s.dose_mgl <= p.high_mgl) {
    s.inBand_s += 1;
    s.outside_s = 0;
  } else s.outside_s += 1;
}
