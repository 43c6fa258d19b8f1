import type { BenchInputs, BenchModel, Channel, Flag } from '../../../bench';
import { METERING_EVENTS, type MeteringEvent } from './events';
import { BLANK, type MeteringState } from './model-state';
import type { MeteringPlant } from './plant';

const CHANNELS: readonly Channel[] = [
  { key: 'water', label: 'Water', unit: 'm³/h' },
  { key: 'signal', label: 'Signal', unit: 'mA' },
  { key: 'pulses', label: 'Pulses', unit: '1/s' },
  { key: 'rate', label: 'Strokes', unit: 'strokes/min' },
  { key: 'flow', label: 'Product', unit: 'L/h' },
  { key: 'dose', label: 'Dose', unit: 'mg/L' },
  { key: 'backlog', label: 'Strokes owed', unit: '' },
  // last, so that it can be left out where nobody knows the tank
  { key: 'tank', label: 'Tank', unit: 'L' },
];

const FLAGS: readonly (Flag & { readonly state: keyof MeteringState })[] = [
  { state: 'waiting', begins: 'The pump waits after the power cut.', ends: null },
  { state: 'stopped', begins: 'The pump is stopped by its contact.', ends: 'The pump may run again.' },
  {
    state: 'wireStop',
    begins: 'The watch takes the wire for broken: it stops the pump and shows it.',
    ends: 'The signal is back: the pump follows it again.',
  },
  { state: 'dry', begins: 'The tank is empty: the pump runs dry.', ends: 'There is liquid again.' },
  { state: 'levelStop', begins: 'The level switch stops the pump.', ends: 'The level lets it run again.' },
  { state: 'locked', begins: 'Gas lock: it strokes and nothing flows.', ends: 'The head pumps again.' },
  {
    state: 'ceiling',
    begins: 'The ceiling is reached: strokes are owed or lost.',
    ends: 'The ceiling is clear.',
  },
];
/** A dose outside its band is told of when it has lasted this long. */
const OUTSIDE_TOLD_s = 600;
/** While it stands, a deaerating pump moves its diaphragm this often, and gives a little of a stroke. */
const DEAERATION_EVERY_s = 120;
const DEAERATION_DOSE = 0.05;

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

/** Strokes that fall due in this second; on a smooth drive parts of a stroke count. */
function control(p: MeteringPlant, s: MeteringState, second: number, runs: boolean): number {
  s.ceiling = 0;
  s.wireStop = p.mode === 'analog' && p.watchStops && s.powerless === 0 && isBroken(p, s.current_mA) ? 1 : 0;
  switch (p.mode) {
    case 'analog':
      return paced(p, s, runs ? analogRate(p, s.current_mA) : 0);
    case 'manual':
      return paced(p, s, runs ? p.manual_spm : 0);
    case 'timer': {
      const into = second % p.timerEvery_s;
      return paced(p, s, runs && into < p.timerRun_s ? p.manual_spm : 0);
    }
    case 'pulses':
      return queued(
        s,
        s.pulses * p.strokesPerPulse,
        p.ceiling_spm,
        p.memory_strokes,
        runs,
        p.storesWhileStopped,
      );
    case 'batch': {
      s.triggerCarry += 1;
      let asked = 0;
      if (s.triggerCarry >= p.batchEvery_s) {
        s.triggerCarry -= p.batchEvery_s;
        if (p.batchQueues || s.queue < 1) asked = p.batch_strokes;
        else s.strokesLost += p.batch_strokes;
      }
      return queued(s, asked, p.manual_spm, Infinity, runs, false);
    }
    default:
      return paced(p, s, 0);
  }
}

function isBroken(p: MeteringPlant, x_mA: number): boolean {
  return x_mA <= p.watchLow_mA || x_mA >= p.watchHigh_mA;
}

function analogRate(p: MeteringPlant, x_mA: number): number {
  const broken = isBroken(p, x_mA);
  if (broken && p.watchStops) return 0;
  let asked: number;
  if (x_mA < p.x1_mA) asked = p.stopsBelow && !broken ? 0 : p.y1_spm;
  else if (x_mA >= p.x2_mA) asked = p.y2_spm;
  else asked = p.y1_spm + ((x_mA - p.x1_mA) * (p.y2_spm - p.y1_spm)) / (p.x2_mA - p.x1_mA);
  const most = asked < p.greatest_spm ? asked : p.greatest_spm;
  const whole = Math.floor(most / p.step_spm + 0.5) * p.step_spm;
  return whole < p.least_spm || whole <= 0 ? 0 : whole;
}

/** Strokes of a steady rate: whole ones as they fall due, or even parts on a smooth drive. */
function paced(p: MeteringPlant, s: MeteringState, rate_spm: number): number {
  let rate = rate_spm;
  if (p.compensates && p.lossPer_bar > 0 && rate > 0) {
    const left = 1 - p.lossPer_bar * s.pressure_bar;
    const base = 1 - p.lossPer_bar * p.base_bar;
    rate = left > 0 ? (rate * base) / left : p.greatest_spm;
    if (rate > p.greatest_spm) {
      rate = p.greatest_spm;
      s.ceiling = 1;
    }
  }
  s.rate_spm = rate;
  if (p.smooth) return rate / 60;
  s.strokeCarry += rate / 60;
  const due = Math.floor(s.strokeCarry + 1e-9);
  s.strokeCarry -= due;
  return due;
}

/** Strokes out of what is owed, no faster than a ceiling; what the memory cannot hold after that is lost. */
function queued(
  s: MeteringState,
  asked: number,
  ceiling_spm: number,
  memory: number,
  runs: boolean,
  storesWhileStopped: boolean,
): number {
  if (runs || storesWhileStopped) s.queue += asked;
  else s.strokesLost += asked;
  let made = 0;
  if (runs) {
    s.strokeCarry += ceiling_spm / 60;
    const owed = Math.floor(s.queue + 1e-9);
    const can = Math.floor(s.strokeCarry + 1e-9);
    made = can < owed ? can : owed;
    s.queue -= made;
    s.strokeCarry -= made;
    // time in which no stroke was asked for is not saved up
    if (made === owed && s.strokeCarry > 1) s.strokeCarry = 1;
    if (s.queue >= 1) s.ceiling = 1;
  }
  if (s.queue > memory) {
    s.strokesLost += s.queue - memory;
    s.queue = memory;
  }
  if (s.queue > s.backlogMost) s.backlogMost = s.queue;
  s.rate_spm = made * 60;
  return made;
}

/** What the strokes deliver: gas first, then liquid; and what they take from the tank. */
function pump(p: MeteringPlant, s: MeteringState, strokes: number, runs: boolean): void {
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

function read(s: MeteringState, inputs: BenchInputs<MeteringEvent>, into: Float64Array): void {
  into[0] = inputs.water_m3h;
  into[1] = s.current_mA;
  into[2] = s.pulses;
  into[3] = s.rate_spm;
  into[4] = s.flow_mL * 3.6;
  into[5] = s.dose_mgl;
  into[6] = s.queue;
  into[7] = s.tank_L;
}

function flagsOf(s: MeteringState): number {
  return (
    s.waiting +
    s.stopped * 2 +
    s.wireStop * 4 +
    s.dry * 8 +
    s.levelStop * 16 +
    s.locked * 32 +
    s.ceiling * 64 +
    (s.outside_s >= OUTSIDE_TOLD_s ? 128 : 0)
  );
}

function sums(plant: MeteringPlant, s: MeteringState): Record<string, number> {
  return {
    ...(plant.tankKnown ? { tank_L: s.tank_L } : {}),
    given_L: s.given_mL / 1000,
    wanted_L: s.wanted_mL / 1000,
    inBand: s.flowing_s === 0 ? 0 : s.inBand_s / s.flowing_s,
    flowing_s: s.flowing_s,
    strokes: s.strokes,
    pulses: s.pulsesSeen,
    strokesLost: s.strokesLost,
    backlogMost: s.backlogMost,
    backlogLeft: s.queue,
    dry_s: s.dry_s,
    locked_s: s.locked_s,
  };
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
