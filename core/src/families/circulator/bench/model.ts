import type { BenchInputs, BenchModel } from '../../../bench';
import { onBelow, runsAt } from '../../../control';
import { AROUND_C, STOPS_ABOVE_K } from '../effect/hot-water';
import { CIRCULATOR_EVENTS, type CirculatorEvent } from './events';
import type { CirculatorPlant, HotPlant, Machine } from './plant';

/** Rooms that are heated, and the coldest day that the heating is made for, °C. */
const ROOM_C = 20;
const DESIGN_C = -5;
/** However mild it is, this share of the flow is wanted: some valve is always open. */
const LEAST_WANTED = 0.05;
/** Air in the loops takes this share of the head. */
const AIR_TAKES = 0.3;
/** A flap that does not shut lets this share of what one moves run back through the other. */
const FLAP_LEAKS = 0.3;
/** The other takes over after so long. */
const CHANGE_s = 20;
/** A flow this much short of what is wanted is told. */
const SHORT = 0.95;
const SECONDS_PER_HOUR = 3600;

export interface CirculatorState extends Record<string, number> {
  running: number;
  waiting: number;
  flow: number;
  head: number;
  share: number;
  power: number;
  wanted: number;
  volts: number;
  kWh: number;
  short_s: number;
  noisy_s: number;
  starts: number;
  moved_m3: number;
  wanted_m3: number;
  /** of a hot-water return, °C */
  back: number;
  cool_s: number;
  /** 1 while both of a twin run; how long until the other has taken over */
  both: number;
  change_s: number;
  both_s: number;
}

/** A circulator on its system, second by second. */
export function circulatorModel(plant: CirculatorPlant): BenchModel<CirculatorState, CirculatorEvent> {
  return {
    events: CIRCULATOR_EVENTS,
    channels: [
      { key: 'flow', label: 'Flow', unit: 'm³/h' },
      { key: 'wanted', label: 'Wanted flow', unit: 'm³/h' },
      { key: 'head', label: 'Head', unit: 'm' },
      { key: 'speed', label: 'Speed', unit: '%' },
      { key: 'power', label: 'Power', unit: 'W' },
      ...(plant.hot ? [{ key: 'return', label: 'Return', unit: '°C' }] : []),
      ...(plant.byVolts ? [{ key: 'volts', label: 'Signal', unit: 'V' }] : []),
    ],
    flags: [
      { begins: 'Less flow than required.', ends: 'As much flow as required.' },
      { begins: 'Valves whistle.', ends: 'Valves are quiet.' },
      { begins: 'It stands.', ends: 'The pump runs.' },
      { begins: 'The return comes back too cool.', ends: 'The return is warm enough.' },
      { begins: 'Both of the twin run.', ends: 'One of the twin is enough.' },
    ],
    init: () => ({
      running: 0,
      waiting: 0,
      flow: 0,
      head: 0,
      share: 0,
      power: 0,
      wanted: 0,
      volts: 0,
      kWh: 0,
      short_s: 0,
      noisy_s: 0,
      starts: 0,
      moved_m3: 0,
      wanted_m3: 0,
      back: plant.hot ? plant.hot.supply_C : 0,
      cool_s: 0,
      both: 0,
      change_s: 0,
      both_s: 0,
    }),
    step: (state, inputs) => step(plant, state, inputs),
    read: (state, _inputs, into) => {
      into[0] = state.flow;
      into[1] = state.wanted;
      into[2] = state.head;
      into[3] = state.share * 100;
      into[4] = state.power;
      if (plant.hot) into[5] = state.back;
      if (plant.byVolts) into[plant.hot ? 6 : 5] = state.volts;
    },
    flagsOf: (state) =>
      (isShort(state) ? 1 : 0) +
      (isNoisy(plant, state) ? 2 : 0) +
      (state.running === 0 ? 4 : 0) +
      (isCool(plant, state) ? 8 : 0) +
      (state.both === 1 ? 16 : 0),
    sums: ({ kWh, short_s, noisy_s, starts, moved_m3, wanted_m3, cool_s, both_s }) => ({
      ...(plant.second ? { both_h: both_s / SECONDS_PER_HOUR } : {}),
      cool_h: cool_s / SECONDS_PER_HOUR,
      kWh,
      cost: kWh * plant.price_kWh,
      short_h: short_s / SECONDS_PER_HOUR,
      noisy_h: noisy_s / SECONDS_PER_HOUR,
      starts,
      moved_m3,
      wanted_m3,
    }),
  };
}

function isShort({ flow, wanted }: CirculatorState): boolean {
  return flow < wanted * SHORT;
}

/** Valves take up what the line gives and the pipes do not lose. */
function isNoisy(plant: CirculatorPlant, { flow, head, running }: CirculatorState): boolean {
  const lost = plant.before * plant.loss * flow * flow + plant.circuit_m;
  return plant.varies && running === 1 && head - lost > plant.loud_m;
}

function isCool({ hot }: CirculatorPlant, { back }: CirculatorState): boolean {
  return hot !== null && back < hot.coolest_C;
}

function step(
  plant: CirculatorPlant,
  state: CirculatorState,
  { on, amount, begins, air_C, second }: BenchInputs<CirculatorEvent>,
): void {
  state.wanted = wantedShare(plant, air_C) * plant.design_m3h;
  const before = state.running;
  const allowed = plant.hot === null || letsRun(plant.hot, state, second);
  state.running = isRunning(plant, state, on, amount, begins) && allowed ? 1 : 0;
  if (state.running === 1 && before === 0) state.starts += 1;
  if (state.running === 0) stand(state);
  else run(plant, state, on);
  if (state.running === 0) state.both = 0;
  state.both_s += state.both;
  state.kWh += state.power / 1000 / SECONDS_PER_HOUR;
  state.moved_m3 += state.flow / SECONDS_PER_HOUR;
  state.wanted_m3 += state.wanted / SECONDS_PER_HOUR;
  if (plant.hot) cool(plant.hot, state);
  if (isCool(plant, state)) state.cool_s += 1;
  if (isShort(state)) state.short_s += 1;
  if (isNoisy(plant, state)) state.noisy_s += 1;
}

function wantedShare({ varies }: CirculatorPlant, air_C: number): number {
  if (!varies) return 1;
  const share = (ROOM_C - air_C) / (ROOM_C - DESIGN_C);
  return share < LEAST_WANTED ? LEAST_WANTED : share > 1 ? 1 : share;
}

const MINUTE_s = 60;
const DAY_s = 86_400;

/** Its clock, or the return temperature with its two thresholds. */
function letsRun({ clock, below_C }: HotPlant, { running, back }: CirculatorState, second: number): boolean {
  if (clock !== null) return clock[Math.floor((second % DAY_s) / MINUTE_s)] === 1;
  if (Number.isNaN(below_C)) return true;
  return onBelow(running === 1, back, below_C, below_C + STOPS_ABOVE_K);
}

/** The return goes towards what the pipe leaves of the supply while water moves, and towards the air around while it stands. */
function cool({ supply_C, drop, volume_m3, cools }: HotPlant, state: CirculatorState): void {
  if (state.flow > 0) {
    const towards = supply_C - drop / state.flow;
    const share = state.flow / SECONDS_PER_HOUR / volume_m3;
    state.back += (towards - state.back) * (share < 1 ? share : 1);
  } else state.back -= (state.back - AROUND_C) * cools;
}

type On = Readonly<Record<CirculatorEvent, boolean>>;
type Amount = Readonly<Record<CirculatorEvent, number>>;

function isRunning(
  plant: CirculatorPlant,
  state: CirculatorState,
  on: On,
  amount: Amount,
  begins: On,
): boolean {
  if (begins['power-cut'] && !plant.resumes) state.waiting = 1;
  if (plant.byVolts) state.volts = voltsAsked(plant, state, on, amount);
  if (!plant.known || on['power-cut'] || state.waiting === 1 || plant.contactOpen) return false;
  if (plant.contactCounts && on['contact-open']) return false;
  if (plant.silenceStops && on['link-silent']) return false;
  if (!takesOver(plant, state, on, begins)) return false;
  if (!plant.byVolts) return true;
  return runsAt(state.running === 1, state.volts, plant);
}

/** When the lead of a twin fails the other takes over after a while, if there is one that knows that it is led. */
function takesOver(plant: CirculatorPlant, state: CirculatorState, on: On, begins: On): boolean {
  if (!on['lead-fails']) return true;
  if (!plant.second) return false;
  // where both run one goes on at once
  if (begins['lead-fails']) state.change_s = plant.runs === 'both' ? 0 : CHANGE_s;
  if (state.change_s <= 0) return true;
  state.change_s -= 1;
  return false;
}

/** What the site's controller sends: in step with what is wanted, unless the wire is off or it drifts. */
function voltsAsked(plant: CirculatorPlant, { wanted }: CirculatorState, on: On, amount: Amount): number {
  if (on['wire-off']) return 0;
  if (on['volts-low']) return amount['volts-low'];
  if (on['at-rest']) return plant.siteOff_V;
  return plant.siteOn_V + (plant.siteFull_V - plant.siteOn_V) * (wanted / plant.design_m3h);
}

function stand(state: CirculatorState): void {
  state.flow = 0;
  state.head = 0;
  state.share = 0;
  state.power = 0;
}

function run(plant: CirculatorPlant, state: CirculatorState, on: On): void {
  const lost = plant.bySensor && (on['wire-off'] || !plant.sensorThere);
  const fixed = plant.byVolts ? speedByVolts(plant, state.volts) : lost ? 1 : plant.fixedShare;
  const wanted = on['all-shut'] ? plant.leastFlow_m3h : state.wanted;
  const machine = machineFor(plant, on, wanted, fixed);
  const alone = machine !== plant || plant.runs === 'one';
  state.both = plant.second && !alone ? 1 : 0;
  // through a flap that does not shut a part runs back: none while both run
  const back = alone && (plant.flapLeaks || on['flap-leaks']) ? FLAP_LEAKS : 0;
  const most = fixed === null ? openFlow(plant, machine, back) : flowAtShare(machine, fixed, back);
  // valves close until the flow is what is wanted; they cannot make more of it than the pump gives
  const flow = wanted < most ? wanted : most;
  const moved = flow / (1 - back);
  const held = fixed === null ? plant.base_m + plant.slope * flow : headAt(machine, moved, fixed);
  const full = headAt(machine, moved, 1);
  const onLine = held < full ? held : full;
  const share = fixed ?? shareFor(machine, moved, onLine);
  state.share = share < plant.leastShare ? plant.leastShare : share;
  // slower it cannot turn: then its curve at the least speed is above the line
  const head = share < plant.leastShare ? headAt(machine, moved, plant.leastShare) : onLine;
  state.head = on.air ? head * (1 - AIR_TAKES) : head;
  // with less head through the same pipes less flows: by the root
  state.flow = on.air ? flow * Math.sqrt(1 - AIR_TAKES) : flow;
  const power = state.share * state.share * (machine.power0_W * state.share + machine.powerPerFlow * moved);
  state.power = power < plant.least_W ? plant.least_W : power;
}

/** Of a twin one alone where the other is out, and on demand for as long as it gives what its line asks for. */
function machineFor(plant: CirculatorPlant, on: On, wanted: number, fixed: number | null): Machine {
  if (plant.runs === 'one') return plant;
  if (on['lead-fails']) return plant.alone;
  if (plant.runs === 'both') return plant;
  const held = fixed === null ? plant.base_m + plant.slope * wanted : headAt(plant, wanted, fixed);
  return headAt(plant.alone, wanted, fixed ?? 1) >= held ? plant.alone : plant;
}

function speedByVolts({ on_V, full_V, leastShare }: CirculatorPlant, volts: number): number {
  const part = (volts - on_V) / (full_V - on_V);
  const share = part < 0 ? 0 : part > 1 ? 1 : part;
  return leastShare + (1 - leastShare) * share;
}

function headAt({ closed_m, rise, fall }: Machine, flow: number, share: number): number {
  const head = closed_m * share * share + rise * flow * share - fall * flow * flow;
  return head > 0 ? head : 0;
}

function shareFor({ closed_m, rise, fall }: Machine, flow: number, head: number): number {
  const b = rise * flow;
  return (Math.sqrt(b * b + 4 * closed_m * (head + fall * flow * flow)) - b) / (2 * closed_m);
}

/** What flows with every valve open while it holds a line: what leaks back it moves beside that, as long as its full speed lets it. */
function openFlow({ base_m, slope }: CirculatorPlant, machine: Machine, back: number): number {
  const held = base_m + slope * machine.open_m3h;
  const gives = headAt(machine, machine.open_m3h / (1 - back), 1);
  return back === 0 || gives >= held ? machine.open_m3h : flowAtShare(machine, 1, back);
}

/** Where the curve at a share of full speed meets the open pipes, with a part of what it moves running back. */
function flowAtShare({ closed_m, rise, fall, loss }: Machine, share: number, back = 0): number {
  const moved = 1 / (1 - back);
  const b = rise * share * moved;
  const both = fall * moved * moved + loss;
  return (b + Math.sqrt(b * b + 4 * both * closed_m * share * share)) / (2 * both);
}
