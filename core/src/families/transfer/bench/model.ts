import type { BenchInputs, BenchModel } from '../../../bench';
import { TRANSFER_EVENTS, type TransferEvent } from './events';
import type { TransferPlant } from './plant';
import { BLANK, type TransferState } from './state';

const SECONDS_PER_HOUR = 3600;
/** Litres a second of a m³/h. */
const PER_S = 1000 / SECONDS_PER_HOUR;
/** A pump that turns the wrong way still gives so much of its head. */
const WRONG_SHARE = 0.4;
/** One that cavitates loses so much of it. */
const CAVITATES_SHARE = 0.7;
/** A level so far above the bottom, as a share of the swing, starts it. */
const STARTS = { level: 0.1, even: 0.5 } as const;
/** Product this much warmer than wanted is told. */
const WARM_C = 0.2;

/** A vessel that is emptied by a pump, a second a step. */
export function transferModel(plant: TransferPlant): BenchModel<TransferState, TransferEvent> {
  return {
    events: TRANSFER_EVENTS,
    channels: [
      { key: 'level', label: 'Level', unit: 'mm' },
      { key: 'flow', label: 'Flow', unit: 'm³/h' },
      { key: 'speed', label: 'Speed', unit: 'rev/min' },
      { key: 'inflow', label: 'Inflow', unit: 'm³/h' },
      { key: 'delivered', label: 'Delivered', unit: '°C' },
      { key: 'since', label: 'Since it was empty', unit: 'min' },
    ],
    flags: [
      { begins: 'The vessel floods.', ends: 'The vessel does not flood any more.' },
      { begins: 'It sends air.', ends: 'There is product again.' },
      { begins: 'It delivers too warm.', ends: 'It delivers cool enough.' },
      { begins: 'The drive waits for a person.', ends: null },
      { begins: 'It cavitates.', ends: 'The pump does not cavitate any more.' },
    ],
    init: () => ({ ...BLANK, mean_m3h: plant.mean_m3h, delivered_C: plant.in_C }),
    step: (state, inputs) => step(plant, state, inputs),
    read: (state, _inputs, into) => {
      into[0] = state.volume_L / plant.area_m2;
      into[1] = state.flow_m3h;
      into[2] = state.speed_rpm;
      into[3] = state.inflow_m3h;
      into[4] = state.delivered_C;
      into[5] = state.sinceEmpty_s / 60;
    },
    flagsOf: (state) =>
      (state.floodNow === 1 ? 1 : 0) +
      (state.airNow === 1 ? 2 : 0) +
      (state.warmNow === 1 ? 4 : 0) +
      (state.waits === 1 ? 8 : 0) +
      (state.cavitatesNow === 1 ? 16 : 0),
    sums: (state) => ({
      delivered_C: state.sent_L > 0 ? state.heat_LC / state.sent_L : plant.in_C,
      sent_m3: state.sent_L / 1000,
      in_m3: state.in_L / 1000,
      back_m3: state.back_L / 1000,
      left_L: state.volume_L,
      flooded_L: state.flooded_L,
      floods: state.floods,
      greatest_mm: state.greatest_mm,
      air_min: state.air_s / 60,
      cavitates_min: state.cavitates_s / 60,
      warm_min: state.warm_s / 60,
      longest_min: state.longest_s / 60,
      starts: state.starts,
      kWh: state.kWh,
      cost: state.kWh * plant.price_kWh,
    }),
  };
}

function step(plant: TransferPlant, state: TransferState, inputs: BenchInputs<TransferEvent>): void {
  const { on, amount, begins, water_m3h } = inputs;
  state.inflow_m3h = water_m3h + (on.cleaning ? plant.cleaning_m3h : 0) + (on.surge ? amount.surge : 0);
  const level = state.volume_L / plant.area_m2;
  if (begins['float-stuck']) state.stuck_mm = level;
  state.shown_mm = on['float-stuck'] ? state.stuck_mm : level + (on.foam ? amount.foam : 0);
  if (begins['power-cut'] && !plant.resumes) state.waits = 1;
  const power = !on['power-cut'] && plant.known && state.waits === 0;
  control(plant, state, power, on.cleaning);
  move(plant, state, on['wrong-direction'], on['check-leaks'] ? amount['check-leaks'] : 0);
  sumUp(plant, state, on['coolant-lost']);
}

/** The speed of this second. */
function control(plant: TransferPlant, state: TransferState, power: boolean, cleaning: boolean): void {
  const { bottom_mm, top_mm, averaging_s, emptying_s } = plant;
  // as curve, speed and level tell it: what flows out and what is held more
  state.mean_m3h += (state.inflow_m3h - state.mean_m3h) / averaging_s;
  if (!power) {
    state.runs = 0;
    state.speed_rpm = 0;
    return;
  }
  const span = top_mm - bottom_mm;
  const h = state.shown_mm;
  if (emptying_s > 0 && state.sinceEmpty_s >= emptying_s && plant.control === 'even') state.empties = 1;
  if (
    state.runs === 0 &&
    (h > bottom_mm + span * STARTS[plant.control] || (state.empties === 1 && h > bottom_mm))
  ) {
    state.runs = 1;
    state.runOn_s = 0;
    state.starts += 1;
  }
  // once it was down an emptying is over, whatever falls next
  if (h <= bottom_mm) state.empties = 0;
  if (state.runs === 1 && h <= bottom_mm) {
    state.runOn_s += 1;
    if (state.runOn_s > plant.runOn_s) state.runs = 0;
  } else state.runOn_s = 0;
  state.speed_rpm = state.runs === 0 ? 0 : speedOf(plant, state, h, cleaning);
}

function speedOf(plant: TransferPlant, state: TransferState, h: number, cleaning: boolean): number {
  const { bottom_mm, top_mm, least_rpm, most_rpm } = plant;
  if (cleaning && plant.cleaning_rpm === plant.cleaning_rpm) return plant.cleaning_rpm;
  if (h >= top_mm) return most_rpm;
  const share = h <= bottom_mm ? 0 : (h - bottom_mm) / (top_mm - bottom_mm);
  if (plant.control === 'level') return least_rpm + (most_rpm - least_rpm) * share;
  // emptying by its timer it runs as it would at the top
  const at = state.empties === 1 ? top_mm : h;
  const wanted = state.mean_m3h + plant.gain * (at - (bottom_mm + top_mm) / 2);
  const speed = wanted <= 0 ? 0 : speedFor(plant, wanted);
  return speed < least_rpm ? least_rpm : speed > most_rpm ? most_rpm : speed;
}

/** Speed that gives a flow against the lift: the root of closed·n² + rise·q·n = lift + fall·q². */
function speedFor(plant: TransferPlant, q: number): number {
  const { closed_m, rise, fall, lift_m, rated_rpm } = plant;
  if (plant.displaces)
    return (rated_rpm * (q + plant.slip_m3hm * (lift_m + plant.pipe * q * q))) / plant.atNoHead_m3h;
  const b = rise * q;
  return (rated_rpm * (-b + Math.sqrt(b * b + 4 * closed_m * (lift_m + fall * q * q)))) / (2 * closed_m);
}

/** Flow at a speed against the lift: the greater root of its curve. */
function flowOf(plant: TransferPlant, speed: number, share: number): number {
  const { closed_m, rise, fall, lift_m, rated_rpm } = plant;
  const n = speed / rated_rpm;
  if (plant.displaces) {
    const given = (plant.atNoHead_m3h * n - plant.slip_m3hm * lift_m) * share;
    return given <= 0 ? 0 : (2 * given) / (1 + Math.sqrt(1 + 4 * plant.slip_m3hm * plant.pipe * given));
  }
  const b = rise * n;
  const root = b * b + 4 * fall * (closed_m * share * n * n - lift_m);
  if (root < 0) return 0;
  const flow = (b + Math.sqrt(root)) / (2 * fall);
  return flow > 0 ? flow : 0;
}

/** A flood is over once the level has fallen to this share. */
const FLOOD_OVER = 0.8;

/** Litres in and out of the vessel in this second: none are lost on the way. */
function move(plant: TransferPlant, state: TransferState, wrong: boolean, leak_m3h: number): void {
  const turns = state.speed_rpm > 0;
  state.cavitatesNow = state.speed_rpm > plant.cavitatesAbove_rpm ? 1 : 0;
  // one that displaces pushes nothing on when it turns the other way
  const head =
    (wrong ? (plant.displaces ? 0 : WRONG_SHARE) : 1) * (state.cavitatesNow === 1 ? CAVITATES_SHARE : 1);
  const asked = turns ? flowOf(plant, state.speed_rpm, head) : 0;
  const came = state.inflow_m3h * PER_S;
  const back = turns ? 0 : leak_m3h * PER_S;
  state.in_L += came;
  state.back_L += back;
  const there = state.volume_L + came + back;
  const draws = asked * PER_S;
  const sent = draws < there ? draws : there;
  state.sent_L += sent;
  state.flow_m3h = sent / PER_S;
  state.beyond_L = draws > there ? state.beyond_L + draws - there : 0;
  state.airNow = state.beyond_L > plant.outlet_L ? 1 : 0;
  let volume = there - sent;
  const most = plant.area_m2 * plant.height_mm;
  const floods = volume > most;
  if (floods) {
    state.flooded_L += volume - most;
    volume = most;
  }
  if (floods && state.floodNow === 0) state.floods += 1;
  // gulps that fall into a full vessel are one flood, until it has really fallen
  state.floodNow = floods || (state.floodNow === 1 && volume > most * FLOOD_OVER) ? 1 : 0;
  state.volume_L = volume;
  const n = state.speed_rpm / plant.rated_rpm;
  state.power_W = !turns
    ? 0
    : plant.displaces
      ? (plant.power0_W + plant.powerPerFlow * (state.flow_m3h + plant.atNoHead_m3h * (1 - n))) * n
      : (plant.power0_W * n + plant.powerPerFlow * state.flow_m3h) * n * n;
}

/** Litres under which a vessel counts as empty, as a share of what it holds. */
const EMPTY_SHARE = 0.01;

function sumUp(plant: TransferPlant, state: TransferState, coolantLost: boolean): void {
  const flows = state.flow_m3h > 0;
  if (flows)
    state.delivered_C = coolantLost ? plant.in_C : between(plant.table, state.flow_m3h / plant.tableTo_m3h);
  state.heat_LC += state.flow_m3h * PER_S * state.delivered_C;
  state.warmNow = flows && state.delivered_C > plant.wanted_C + WARM_C ? 1 : 0;
  state.warm_s += state.warmNow;
  state.air_s += state.airNow;
  state.cavitates_s += state.cavitatesNow;
  state.kWh += state.power_W / 1000 / SECONDS_PER_HOUR;
  const level = state.volume_L / plant.area_m2;
  if (level > state.greatest_mm) state.greatest_mm = level;
  const empty = level <= plant.bottom_mm || state.volume_L <= plant.area_m2 * plant.height_mm * EMPTY_SHARE;
  state.sinceEmpty_s = empty ? 0 : state.sinceEmpty_s + 1;
  if (state.sinceEmpty_s > state.longest_s) state.longest_s = state.sinceEmpty_s;
}

/** A table read between its points, from nil to one. */
function between(table: Float64Array, share: number): number {
  const at = (share < 0 ? 0 : share > 1 ? 1 : share) * (table.length - 1);
  const low = Math.floor(at);
  const high = low + 1 < table.length ? low + 1 : low;
  return table[low] + (table[high] - table[low]) * (at - low);
}
