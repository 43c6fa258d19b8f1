import type { Scenario } from '@barythm/core/bench';
import {
  benchPlant,
  benchSheet,
  understand,
  type MeteringContext,
  type MeteringPlant,
} from '@barythm/core/families/metering';
import type { SettingValues } from '@barythm/core/profile';
import { fastest } from './fastest';

const WEEK: Scenario = {
  days: 7,
  water: { every_s: 3600, flows_m3h: [6, 9, 14, 22, 30, 18, 12, 8] },
  wobble: 0,
  seed: 1,
  events: [],
};
const SECONDS = 7 * 86_400;

/** A simulated week against a bare loop over the same arithmetic: no events, traces, flags or snapshots. */
export function weekAgainstBareLoop(context: MeteringContext, values: SettingValues) {
  const plant = benchPlant(context, understand(context.profile, context.plate, values));
  const bench = benchSheet(context, values, WEEK);
  const bare = bareLoop(plant, WEEK.water.flows_m3h);
  if (bare.strokes !== bench.sums.strokes) {
    throw new Error(`The bare loop makes ${bare.strokes} strokes, the bench ${bench.sums.strokes}.`);
  }
  return {
    bench_ms: fastest(() => benchSheet(context, values, WEEK)),
    bare_ms: fastest(() => bareLoop(plant, WEEK.water.flows_m3h)),
  };
}

/** The analog path of the model, written out straight. */
function bareLoop(p: MeteringPlant, flows: readonly number[]): { strokes: number; given_mL: number } {
  let carry = 0;
  let pulseCarry = 0;
  let pulses = 0;
  let strokes = 0;
  let given = 0;
  let tank = p.tank_L;
  let gas = 0;
  let dose = 0;
  let wanted = 0;
  let inBand = 0;
  let flowing = 0;
  const squeezed = 1 - p.suction_bar / (1.013 + p.base_bar + p.injection_bar);
  for (let second = 0; second < SECONDS; second++) {
    const water = flows[Math.floor(second / 3600) % flows.length];
    let current = p.low_mA + (20 - p.low_mA) * (water / p.span_m3h);
    if (current > 20.5) current = 20.5;
    pulseCarry += (water * 1000) / 3600 / p.litresPerPulse;
    const whole = Math.floor(pulseCarry + 1e-9);
    pulseCarry -= whole;
    pulses += whole;
    let asked = 0;
    if (!(p.watchStops && (current <= p.watchLow_mA || current >= p.watchHigh_mA))) {
      if (current < p.x1_mA) asked = p.stopsBelow ? 0 : p.y1_spm;
      else if (current >= p.x2_mA) asked = p.y2_spm;
      else asked = p.y1_spm + ((current - p.x1_mA) * (p.y2_spm - p.y1_spm)) / (p.x2_mA - p.x1_mA);
    }
    const most = asked < p.greatest_spm ? asked : p.greatest_spm;
    let rate = Math.floor(most / p.step_spm + 0.5) * p.step_spm;
    if (rate < p.least_spm || rate <= 0) rate = 0;
    carry += rate / 60;
    const due = Math.floor(carry + 1e-9);
    carry -= due;
    let flow = 0;
    if (due <= 0) {
      gas += p.gasPerSecond_mL;
      if (gas > p.dead_mL + p.stroke_mL) gas = p.dead_mL + p.stroke_mL;
    } else {
      strokes += due;
      const volume = (p.stroke_mL * (1 - p.lossPer_bar * p.base_bar)) / (1 - p.lossPer_bar * p.base_bar);
      for (let left = due; left > 0; left--) {
        const delivered = volume - gas * squeezed;
        if (delivered <= 0) break;
        flow += delivered;
        gas -= (gas * volume) / (p.dead_mL + volume);
      }
      tank = (tank * 1000 - flow) / 1000;
      given += flow;
    }
    const through = water / 3600;
    dose += ((flow * p.strength_gpl) / 1000 - through * dose) / p.mixing_m3;
    wanted += (through * p.wanted_mgl * 1000) / p.strength_gpl;
    if (water > 0) {
      flowing += 1;
      if (dose >= p.low_mgl && dose <= p.high_mgl) inBand += 1;
    }
  }
  // what is worked out must not be thrown away, or nothing is measured
  if (pulses + wanted + inBand + flowing + tank < 0) throw new Error('Impossible sums.');
  return { strokes, given_mL: given };
}
