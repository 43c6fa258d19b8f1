import type { BenchInputs, BenchModel, Channel, Flag } from '../../bench';
import { WEEK_MIN } from '../../time';
import { TABLE_rpm, type PoolPlant } from './plant';

/** The state of a simulated pool pump: plain numbers, copied for a snapshot. */
export type PoolState = {
  /** the controller's own clock, seconds of the week */
  clock_s: number;
  powerless: number;
  cut_s: number;
  clockLost: number;
  waiting: number;
  clockOff_s: number;
  // what runs
  speed_rpm: number;
  flow_m3h: number;
  power_W: number;
  circuit: number;
  program: number;
  running: number;
  running_s: number;
  primeLeft_s: number;
  primed: number;
  priming: number;
  primeGone_s: number;
  alarm: number;
  hand: number;
  timedLeft_s: number;
  held: number;
  frost: number;
  frostLeft_s: number;
  // heat and treatment
  water_C: number;
  roof_C: number;
  heater: number;
  solarOn: number;
  fired: number;
  afterRunLeft_s: number;
  cleanerOn: number;
  cleanerWait_s: number;
  makes: number;
  pipesFreeze: number;
  still_s: number;
  // sums
  volume_m3: number;
  energy_kWh: number;
  cost: number;
  run_s: number;
  prime_s: number;
  frost_s: number;
  dry_s: number;
  still_most_s: number;
  frozen_s: number;
  hotStops: number;
  heaterStarts: number;
  solarStarts: number;
  cleanerDry_s: number;
  chlorine_g: number;
  coldChlorine_s: number;
  offProgram_s: number;
  ran_s: number;
};

const CHANNELS: readonly Channel[] = [
  { key: 'speed', label: 'Speed', unit: 'rev/min' },
  { key: 'flow', label: 'Flow', unit: 'm³/h' },
  { key: 'power', label: 'Power', unit: 'W' },
  { key: 'cost', label: 'Cost so far', unit: '' },
  { key: 'water', label: 'Water', unit: '°C' },
  { key: 'roof', label: 'Roof', unit: '°C' },
  { key: 'air', label: 'Air', unit: '°C' },
  /** why it turns: 0 rests, 1 program, 2 prime, 3 frost, 4 by hand */
  { key: 'cause', label: 'Cause', unit: '' },
];

const FLAGS: readonly Flag[] = [
  { begins: 'Priming.', ends: 'The prime is over.' },
  { begins: 'Not primed in its time: it stops with a dry alarm.', ends: 'The alarm is cleared.' },
  { begins: 'The cut outlasted its clock: the clock is unset.', ends: 'The clock is set.' },
  { begins: 'It waits after the power cut.', ends: null },
  { begins: 'Programs are held off.', ends: 'Programs may run again.' },
  { begins: 'It runs by hand.', ends: 'Programs take over again.' },
  { begins: 'Frost guard runs the pump.', ends: 'Frost guard is over.' },
  { begins: 'The heater fires.', ends: 'The heater stops.' },
  { begins: 'The roof heats the water.', ends: 'The roof is shut off.' },
  { begins: 'The cleaner’s booster starts.', ends: 'The cleaner’s booster stops.' },
  { begins: 'A timed run is on.', ends: 'The timed run is over: programs take over again.' },
  { begins: 'Water stands in pipes below freezing.', ends: 'That water moves, or the frost is over.' },
];

/** The flags that hold, in the order of `FLAGS`: spelled out, for a lookup by name costs more than the step itself. */
function flagsOf(s: PoolState): number {
  return (
    s.priming +
    s.alarm * 2 +
    s.clockLost * 4 +
    s.waiting * 8 +
    s.held * 16 +
    s.hand * 32 +
    s.frost * 64 +
    s.heater * 128 +
    s.solarOn * 256 +
    s.cleanerOn * 512 +
    (s.timedLeft_s > 0 ? 1024 : 0) +
    s.pipesFreeze * 2048
  );
}

const WEEK_S = WEEK_MIN * 60;
/** Frost guard lets go this far above its temperature, or it would chatter. */
const FROST_GAP_K = 1;
/** The heater starts this far below the set point. */
const HEAT_GAP_K = 0.3;
/** What pulling the water up takes on a sound suction, s. */
const PULL_s = 60;
/** The roof follows sun and air, and the water through it, with these time constants, s. */
const ROOF_FOLLOWS_s = 1200;
const ROOF_COOLS_s = 300;
/** Full sun lifts a dry roof this far above the air, K. */
const SUN_LIFT_K = 40;
/** With water through it the roof stays this share of its lift above the water. */
const ROOF_WET_SHARE = 0.12;

/**
 * The bench's pool pump: controller with its clock and programs, pump on its pipework, the body of water with heater and roof,
 * frost and chlorinator. One second a step, nothing allocated.
 */
export function poolModel(plant: PoolPlant, startDay: number): BenchModel<PoolState> {
  const start_s = (startDay - 1) * 86_400;
  return {
    channels: CHANNELS,
    flags: FLAGS,
    init: () => ({
      clock_s: wrapped(start_s + plant.clockAhead_s),
      powerless: 0,
      cut_s: 0,
      clockLost: 0,
      waiting: 0,
      clockOff_s: 0,
      speed_rpm: 0,
      flow_m3h: 0,
      power_W: 0,
      circuit: 0,
      program: -1,
      running: 0,
      running_s: 0,
      primeLeft_s: 0,
      primed: 0,
      priming: 0,
      primeGone_s: 0,
      alarm: 0,
      hand: 0,
      timedLeft_s: 0,
      held: plant.held ? 1 : 0,
      frost: 0,
      frostLeft_s: 0,
      water_C: plant.water_C,
      roof_C: 10,
      heater: 0,
      solarOn: 0,
      fired: 0,
      afterRunLeft_s: 0,
      cleanerOn: 0,
      cleanerWait_s: 0,
      makes: 0,
      pipesFreeze: 0,
      still_s: 0,
      volume_m3: 0,
      energy_kWh: 0,
      cost: 0,
      run_s: 0,
      prime_s: 0,
      frost_s: 0,
      dry_s: 0,
      still_most_s: 0,
      frozen_s: 0,
      hotStops: 0,
      heaterStarts: 0,
      solarStarts: 0,
      cleanerDry_s: 0,
      chlorine_g: 0,
      coldChlorine_s: 0,
      offProgram_s: 0,
      ran_s: 0,
    }),
    step: (state, inputs) => {
      const air_C = inputs.on.frost ? -inputs.amount.frost : inputs.air_C;
      clock(plant, state, inputs);
      const wanted = wantedSpeed(plant, state, inputs, air_C);
      turn(plant, state, inputs, wanted);
      heat(plant, state, inputs, air_C);
      treat(plant, state, air_C);
      add(plant, state, wrapped(start_s + inputs.second));
    },
    read: (state, inputs, into) => {
      into[0] = state.speed_rpm;
      into[1] = state.flow_m3h;
      into[2] = state.power_W;
      into[3] = state.cost;
      into[4] = state.water_C;
      into[5] = state.roof_C;
      into[6] = inputs.on.frost ? -inputs.amount.frost : inputs.air_C;
      into[7] =
        state.speed_rpm === 0
          ? 0
          : state.priming
            ? 2
            : state.hand || state.timedLeft_s > 0
              ? 4
              : state.frost
                ? 3
                : 1;
    },
    flagsOf,
    sums: (state) => ({
      volume_m3: state.volume_m3,
      needed_m3: (plant.needed_m3 * state.ran_s) / 86_400,
      energy_kWh: state.energy_kWh,
      cost: state.cost,
      run_h: state.run_s / 3600,
      prime_min: state.prime_s / 60,
      frost_h: state.frost_s / 3600,
      dry_min: state.dry_s / 60,
      pause_min: state.still_most_s / 60,
      frozen_h: state.frozen_s / 3600,
      hotStops: state.hotStops,
      heaterStarts: state.heaterStarts,
      solarStarts: state.solarStarts,
      cleanerDry_min: state.cleanerDry_s / 60,
      chlorine_g: state.chlorine_g,
      coldChlorine_h: state.coldChlorine_s / 3600,
      offProgram_h: state.offProgram_s / 3600,
      water_C: state.water_C,
    }),
  };
}

function wrapped(second: number): number {
  const over = second % WEEK_S;
  return over < 0 ? over + WEEK_S : over;
}

function clock(plant: PoolPlant, state: PoolState, inputs: BenchInputs): void {
  if (inputs.on['power-cut']) {
    state.powerless = 1;
    state.cut_s += 1;
    if (state.cut_s <= plant.keeps_s) state.clock_s = state.clock_s + 1 >= WEEK_S ? 0 : state.clock_s + 1;
    return;
  }
  if (state.powerless) {
    state.powerless = 0;
    if (state.cut_s > plant.keeps_s) {
      state.clockLost = 1;
      state.clock_s = 0;
    }
    state.waiting = plant.waitsAfterCut ? 1 : 0;
    // power off and on clears what stopped it
    state.alarm = 0;
    state.cut_s = 0;
  }
  const off_s = inputs.on['clock-off'] ? inputs.amount['clock-off'] * 60 : 0;
  if (off_s !== state.clockOff_s) {
    state.clock_s = wrapped(state.clock_s + off_s - state.clockOff_s);
    state.clockOff_s = off_s;
  }
  state.clock_s = state.clock_s + 1 >= WEEK_S ? 0 : state.clock_s + 1;
}

/** What the controller asks for in this second, rev/min. */
function wantedSpeed(plant: PoolPlant, state: PoolState, inputs: BenchInputs, air_C: number): number {
  state.circuit = 0;
  state.frost = 0;
  if (state.powerless || state.waiting || state.alarm) {
    state.hand = 0;
    state.timedLeft_s = 0;
    state.program = -1;
    return 0;
  }
  state.held = plant.held || inputs.on.hold ? 1 : 0;
  const minute = (state.clock_s - (state.clock_s % 60)) / 60;
  const running = state.clockLost && plant.lostStands ? -1 : plant.programAt[minute];
  if (inputs.begins['hand-run']) state.hand = 1;
  if (!inputs.on['hand-run']) state.hand = 0;
  if (
    state.hand &&
    plant.handEndsWithProgram &&
    running >= 0 &&
    state.program !== running &&
    !inputs.begins['hand-run']
  ) {
    state.hand = 0;
  }
  state.program = state.held ? -1 : running;
  if (state.hand && (!state.held || plant.handWhileHeld)) {
    const speed = inputs.amount['hand-run'];
    const cap = plant.capsHand ? plant.greatest_rpm : plant.fullSpeed_rpm;
    return speed < cap ? speed : cap;
  }
  if (inputs.begins['timed-run']) state.timedLeft_s = plant.timed_s;
  if (state.timedLeft_s > 0) {
    state.timedLeft_s -= 1;
    if (!state.held || plant.handWhileHeld) return plant.timed_rpm;
  }
  let speed = 0;
  if (state.program >= 0) {
    speed = plant.speedOf[state.program];
    state.circuit = plant.circuitOf[state.program];
  }
  if (frostCalls(plant, state, air_C)) {
    state.frost = 1;
    if (plant.frost_rpm > speed) speed = plant.frost_rpm;
  }
  if (speed === 0 && state.afterRunLeft_s > 0) {
    state.afterRunLeft_s -= 1;
    return plant.least_rpm;
  }
  return speed;
}

function frostCalls(plant: PoolPlant, state: PoolState, air_C: number): boolean {
  if (plant.frost_s > 0) {
    if (air_C < plant.frostBelow_C && state.frostLeft_s === 0) state.frostLeft_s = plant.frost_s;
    if (state.frostLeft_s === 0) return false;
    state.frostLeft_s -= 1;
    return true;
  }
  const holds = state.frostLeft_s > 0;
  const calls = holds ? air_C < plant.frostBelow_C + FROST_GAP_K : air_C < plant.frostBelow_C;
  state.frostLeft_s = calls ? 1 : 0;
  return calls;
}

/** The pump turns: a prime at each start from rest, dry while the suction is blocked. */
function turn(plant: PoolPlant, state: PoolState, inputs: BenchInputs, wanted: number): void {
  const blocked = inputs.on['suction-blocked'];
  let speed = wanted;
  if (wanted === 0) {
    state.running = 0;
    state.running_s = 0;
    state.primed = 0;
    state.priming = 0;
  } else {
    if (!state.running) {
      state.running = 1;
      state.primeGone_s = 0;
      state.primeLeft_s = plant.prime_s;
      state.priming = plant.prime_s > 0 ? 1 : 0;
    }
    state.running_s += 1;
    if (!blocked) state.primeGone_s += 1;
    if (state.primeGone_s >= PULL_s) state.primed = 1;
    if (state.priming) {
      state.primeLeft_s -= 1;
      const sensed = plant.senses && state.primeGone_s >= PULL_s + plant.hold_s;
      if (sensed || (state.primeLeft_s <= 0 && (state.primed || !plant.dryAlarm))) state.priming = 0;
      else if (state.primeLeft_s <= 0) {
        state.priming = 0;
        state.alarm = 1;
        speed = 0;
      }
      if (state.priming) speed = plant.prime_rpm;
    }
  }
  state.speed_rpm = speed;
  const step = (speed - (speed % TABLE_rpm)) / TABLE_rpm;
  const dry = speed > 0 && (blocked || !state.primed);
  state.flow_m3h = dry ? 0 : plant.flow[state.circuit][step];
  state.power_W = plant.power[step];
  // the first minute of a sound prime is no dry run
  if (dry && blocked) state.dry_s += 1;
}

function heat(plant: PoolPlant, state: PoolState, inputs: BenchInputs, air_C: number): void {
  const flowing = state.flow_m3h > 0;
  const before = state.heater;
  const cold = state.water_C < plant.setPoint_C - (state.heater ? 0 : HEAT_GAP_K);
  const roofWarm = state.solarOn
    ? state.roof_C - state.water_C >= plant.stop_K
    : state.roof_C - state.water_C >= plant.start_K;
  const solarWas = state.solarOn;
  state.solarOn = plant.solar && flowing && cold && roofWarm && state.flow_m3h >= plant.roofLeast_m3h ? 1 : 0;
  if (state.solarOn && !solarWas) state.solarStarts += 1;
  state.heater =
    plant.fires &&
    cold &&
    flowing &&
    state.flow_m3h >= plant.heaterLeast_m3h &&
    !(plant.solarFirst && state.solarOn)
      ? 1
      : 0;
  if (state.heater && !before) state.heaterStarts += 1;
  if (state.heater) {
    state.fired = plant.heatNeeds_s;
    state.afterRunLeft_s = plant.afterRun_s;
  } else if (state.fired > 0) {
    if (flowing) state.fired -= 1;
    else {
      // hot metal and no water: the heat that is left boils what stands in it
      state.hotStops += 1;
      state.fired = 0;
    }
  }
  const dryRoof_C = air_C + SUN_LIFT_K * inputs.sun;
  const wetRoof_C = state.water_C + ROOF_WET_SHARE * (dryRoof_C - state.water_C);
  state.roof_C += state.solarOn
    ? (wetRoof_C - state.roof_C) / ROOF_COOLS_s
    : (dryRoof_C - state.roof_C) / ROOF_FOLLOWS_s;
  const gain_kW =
    (state.heater ? plant.heater_kW : 0) +
    (state.solarOn ? plant.roof_kW * inputs.sun : 0) -
    plant.loss_kW * (state.water_C - air_C);
  state.water_C += gain_kW / 3600 / plant.kWhPerK;
}

function treat(plant: PoolPlant, state: PoolState, air_C: number): void {
  const cleaner = plant.cleaner >= 0 && state.speed_rpm > 0 && state.circuit === plant.cleaner;
  state.cleanerWait_s = cleaner ? state.cleanerWait_s + 1 : 0;
  state.cleanerOn = cleaner && state.cleanerWait_s > plant.cleanerDelay_s ? 1 : 0;
  if (state.cleanerOn && (state.flow_m3h === 0 || state.running_s < plant.cleanerNeeds_s))
    state.cleanerDry_s += 1;
  const enough = state.flow_m3h > 0 && state.flow_m3h >= plant.chlorineLeast_m3h;
  state.makes = plant.chlorine_gps > 0 && enough && state.water_C >= plant.cutOut_C ? 1 : 0;
  if (state.makes && state.water_C < plant.chlorineCold_C) state.coldChlorine_s += 1;
  else if (state.makes) state.chlorine_g += plant.chlorine_gps;
  state.pipesFreeze = air_C < 0 && standsExposed(plant, state) ? 1 : 0;
  if (state.pipesFreeze) state.frozen_s += 1;
}

function standsExposed(plant: PoolPlant, state: PoolState): boolean {
  for (let place = 0; place < plant.exposed.length; place++) {
    if (!plant.exposed[place]) continue;
    const moved =
      state.flow_m3h > 0 && ((state.frost && plant.guarded[place]) || state.circuit === place || place === 0);
    if (!moved) return true;
  }
  return false;
}

function add(plant: PoolPlant, state: PoolState, true_s: number): void {
  state.ran_s += 1;
  const kWh = state.power_W / 3_600_000;
  state.volume_m3 += state.flow_m3h / 3600;
  state.energy_kWh += kWh;
  state.cost += kWh * plant.price[(true_s - (true_s % 60)) / 60];
  state.still_s = state.flow_m3h > 0 ? 0 : state.still_s + 1;
  if (state.still_s > state.still_most_s) state.still_most_s = state.still_s;
  if (state.speed_rpm > 0) state.run_s += 1;
  if (state.priming) state.prime_s += 1;
  if (state.frost && state.speed_rpm > 0) state.frost_s += 1;
  const minute = (true_s - (true_s % 60)) / 60;
  // what a right clock and free programs would do, against what it does
  if (plant.programAt[minute] >= 0 !== state.program >= 0) state.offProgram_s += 1;
}
