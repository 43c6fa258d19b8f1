import type { BenchInputs, BenchModel } from '../../../bench';
import { onAbove, onBelow } from '../../../control';
import { POOL_EVENTS, type PoolEvent } from './events';
import { DAY_MIN, WEEK_MIN } from '../../../time';
import { CHANNELS, FLAGS, flagsOf, startOf, sumsOf, type PoolState } from './model-state';
import { TABLE_rpm, type PoolPlant } from './plant';

const WEEK_S = WEEK_MIN * 60;
/** Frost guard lets go this far above its temperature, or it would chatter. */
const FROST_GAP_K = 1;
/** The heater starts this far below the set point. */
const HEAT_GAP_K = 0.3;
/** Night cooling goes on this far below what it begins at. */
const COOL_GAP_K = 0.3;
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
export function poolModel(plant: PoolPlant, startDay: number): BenchModel<PoolState, PoolEvent> {
  const start_s = (startDay - 1) * 86_400;
  return {
    events: POOL_EVENTS,
    channels: CHANNELS,
    flags: FLAGS,
    init: () => startOf(plant, wrapped(start_s + plant.clockAhead_s)),
    step: (state, inputs) => {
      const air_C = inputs.on.frost ? -inputs.amount.frost : inputs.air_C;
      clock(plant, state, inputs);
      const wanted = wantedSpeed(plant, state, inputs, air_C);
      turn(plant, state, inputs, wanted);
      heat(plant, state, inputs, air_C);
      treat(plant, state, inputs, air_C);
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
    sums: (state) => sumsOf(plant, state),
  };
}

function wrapped(second: number): number {
  const over = second % WEEK_S;
  return over < 0 ? over + WEEK_S : over;
}

function clock(plant: PoolPlant, state: PoolState, inputs: BenchInputs<PoolEvent>): void {
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
function wantedSpeed(
  plant: PoolPlant,
  state: PoolState,
  inputs: BenchInputs<PoolEvent>,
  air_C: number,
): number {
  state.circuit = 0;
  state.frost = 0;
  if (state.powerless || state.waiting || state.alarm) {
    state.hand = 0;
    state.timedLeft_s = 0;
    state.holdLeft_s = 0;
    state.program = -1;
    return 0;
  }
  if (inputs.on.stopped) {
    // whatever ran ends with it, and nothing else starts
    state.hand = 0;
    state.timedLeft_s = 0;
    state.program = -1;
    return 0;
  }
  if (inputs.begins['timed-hold']) state.holdLeft_s = plant.timedHold_s;
  state.held = plant.held || inputs.on.hold || state.holdLeft_s > 0 ? 1 : 0;
  if (state.holdLeft_s > 0) state.holdLeft_s -= 1;
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
  // to the second: the slot’s own stop is a minute of the day
  if (
    state.hand &&
    !inputs.begins['hand-run'] &&
    state.clock_s % 60 === 0 &&
    minute % DAY_MIN === plant.handStop_min
  )
    state.hand = 0;
  state.program = state.held ? -1 : running;
  if (state.hand && (!state.held || plant.handWhileHeld)) {
    const speed = inputs.amount['hand-run'];
    const cap = plant.capsHand ? plant.greatest_rpm : plant.fullSpeed_rpm;
    return speed < cap ? speed : cap;
  }
  const handLetIn = !state.held || plant.handWhileHeld;
  if (inputs.begins['timed-run'] && handLetIn) state.timedLeft_s = plant.timed_s;
  if (state.timedLeft_s > 0) {
    state.timedLeft_s -= 1;
    if (handLetIn) return plant.timed_rpm;
  }
  let speed = 0;
  if (state.program >= 0) {
    speed = plant.speedOf[state.program];
    state.circuit = plant.circuitOf[state.program];
    // heat that calls raises the speed to that of its circuit
    const heated = state.heatCalls === 1 ? plant.heater_rpm : state.heatCalls === 2 ? plant.roof_rpm : 0;
    if (heated > speed) speed = heated;
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
  const calls = onBelow(holds, air_C, plant.frostBelow_C, plant.frostBelow_C + FROST_GAP_K);
  state.frostLeft_s = calls ? 1 : 0;
  return calls;
}

/** The pump turns: a prime at each start from rest, dry while the suction is blocked. */
function turn(plant: PoolPlant, state: PoolState, inputs: BenchInputs<PoolEvent>, wanted: number): void {
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
      const sensed = plant.senses && state.primeGone_s >= PULL_s * plant.senseShare + plant.hold_s;
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
  const between = (speed - step * TABLE_rpm) / TABLE_rpm;
  // while the roof calls, the water takes its lift
  const circuit =
    state.heatCalls === 2 && plant.roofCircuit > 0 && state.program >= 0 ? plant.roofCircuit : state.circuit;
  const flow = plant.flow[circuit];
  const dry = speed > 0 && (blocked || !state.primed);
  state.flow_m3h = dry ? 0 : flow[step] + (flow[step + 1] - flow[step]) * between;
  state.power_W = plant.power[step] + (plant.power[step + 1] - plant.power[step]) * between;
  // the first minute of a sound prime is no dry run
  if (dry && blocked) state.dry_s += 1;
}

function heat(plant: PoolPlant, state: PoolState, inputs: BenchInputs<PoolEvent>, air_C: number): void {
  const flowing = state.flow_m3h > 0;
  const before = state.heater;
  // whichever of roof and heater has begun goes on to the set point: at the gap below it they would take turns by the second
  const heating = state.heater === 1 || state.solarOn === 1;
  const cold = onBelow(heating, state.water_C, plant.setPoint_C - HEAT_GAP_K, plant.setPoint_C);
  const roofWarm = onAbove(state.solarOn === 1, state.roof_C - state.water_C, plant.start_K, plant.stop_K);
  const solarWas = state.solarOn;
  state.solarOn = plant.solar && flowing && cold && roofWarm && state.flow_m3h >= plant.roofLeast_m3h ? 1 : 0;
  if (state.solarOn && !solarWas) state.solarStarts += 1;
  const dryRoof_C = air_C + SUN_LIFT_K * inputs.sun;
  // the same with the sign turned, by night, while it is too warm
  const tooWarm = onAbove(
    state.coolingOn === 1,
    state.water_C,
    plant.coolAbove_C,
    plant.coolAbove_C - COOL_GAP_K,
  );
  // water through it warms a cool roof: what counts is how cool it would be without
  const roofCool = onAbove(state.coolingOn === 1, state.water_C - dryRoof_C, plant.start_K, plant.stop_K);
  state.coolingOn =
    plant.cools && flowing && tooWarm && roofCool && state.flow_m3h >= plant.roofLeast_m3h ? 1 : 0;
  // what it asks the panel for in the next second, whether or not it has its flow yet
  state.heatCalls = !cold || !flowing ? 0 : plant.solar && roofWarm ? 2 : plant.fires ? 1 : 0;
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
  const wetRoof_C = state.water_C + ROOF_WET_SHARE * (dryRoof_C - state.water_C);
  state.roof_C +=
    state.solarOn || state.coolingOn
      ? (wetRoof_C - state.roof_C) / ROOF_COOLS_s
      : (dryRoof_C - state.roof_C) / ROOF_FOLLOWS_s;
  const gain_kW =
    (state.heater ? plant.heater_kW : 0) +
    (state.solarOn ? plant.roof_kW * inputs.sun : 0) -
    (state.coolingOn ? plant.roofLoss_kWK * (state.water_C - dryRoof_C) : 0) -
    plant.loss_kW * (state.water_C - air_C);
  state.water_C += gain_kW / 3600 / plant.kWhPerK;
}

function treat(plant: PoolPlant, state: PoolState, inputs: BenchInputs<PoolEvent>, air_C: number): void {
  const cleaner = plant.cleaner >= 0 && state.speed_rpm > 0 && state.circuit === plant.cleaner;
  state.cleanerWait_s = cleaner ? state.cleanerWait_s + 1 : 0;
  state.cleanerOn = cleaner && state.cleanerWait_s > plant.cleanerDelay_s ? 1 : 0;
  if (state.cleanerOn && (state.flow_m3h === 0 || state.running_s < plant.cleanerNeeds_s))
    state.cleanerDry_s += 1;
  const enough = state.flow_m3h > 0 && state.flow_m3h >= plant.chlorineLeast_m3h;
  if (inputs.begins['chlorine-boost']) state.boostLeft_s = plant.boost_s;
  const made_gps = state.boostLeft_s > 0 ? plant.boost_gps : plant.chlorine_gps;
  // its hours go by whether water flows or not
  if (state.boostLeft_s > 0) state.boostLeft_s -= 1;
  state.makes = made_gps > 0 && enough && state.water_C >= plant.cutOut_C ? 1 : 0;
  if (state.makes && state.water_C < plant.chlorineCold_C) state.coldChlorine_s += 1;
  else if (state.makes) state.chlorine_g += made_gps;
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
