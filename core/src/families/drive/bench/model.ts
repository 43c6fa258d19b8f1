import type { BenchInputs, BenchModel } from '../../../bench';
import { AIR_bar } from '../../../hydraulics';
import { control, type Around } from './control';
import { DRIVE_EVENTS, type DriveEvent } from './events';
import { flowOfAll, moveWater, powerOfAll } from './pipes';
import type { DrivePlant } from './plant';
import { BLANK, DOING, putDown, takeUp, UNIT_KEYS, type DriveState, type Turning } from './state';

/** A start, a shut tap and a check valve are over in tenths of a second. */
const PARTS = 10;
const DT_s = 1 / PARTS;
const SECONDS_PER_HOUR = 3600;
const MINUTE_s = 60;
/** Pressure this far under what is needed is told. */
const LOW_SHARE = 0.9;
/** A pressure that turns by more than this, more often than that in a minute, hunts. */
const HUNTS_bar = 0.2;
const HUNTS_TURNS = 6;

/** A drive or a set of them on its pipes, ten parts a second. */
export function driveModel(plant: DrivePlant): BenchModel<DriveState, DriveEvent> {
  const around: Around = {
    sensorOff: false,
    available: plant.count,
    out: -1,
    asked: 0,
    signalOff: false,
    swapped: false,
  };
  const hz = new Float64Array(plant.count);
  const units = UNIT_KEYS.slice(0, plant.count);
  // the same plant with the most that its inlet may have
  const pressed: DrivePlant = { ...plant, inlet_bar: plant.inletMost_bar };
  return {
    events: DRIVE_EVENTS,
    channels: [
      { key: 'pressure', label: 'Pressure', unit: 'bar' },
      { key: 'flow', label: 'Flow', unit: 'm³/h' },
      { key: 'draw', label: 'Drawn', unit: 'm³/h' },
      ...units.map((key, i) => ({
        key,
        label: plant.count === 1 ? 'Frequency' : `Frequency ${i + 1}`,
        unit: 'Hz',
      })),
      { key: 'power', label: 'Power', unit: 'W' },
      ...(plant.vessel_L > 0 ? [{ key: 'vessel', label: 'Water in the vessel', unit: 'L' }] : []),
    ],
    flags: [
      { begins: 'Less pressure than is needed.', ends: 'As much pressure as is needed.' },
      { begins: 'The drive has stopped with an error.', ends: 'The drive runs again.' },
      { begins: 'It turns without water.', ends: 'There is water again.' },
      { begins: 'More pressure than the lowest rating.', ends: 'The pressure is under the lowest rating.' },
      { begins: 'It warns that it runs dry.', ends: 'The drive does not warn any more.' },
      { begins: 'The drive waits for a person.', ends: null },
      { begins: 'The pressure hunts.', ends: 'The pressure is steady.' },
      { begins: 'The next pump runs too.', ends: 'One pump is enough.' },
      { begins: 'The relief valve blows off.', ends: 'The relief valve is shut.' },
    ],
    init: () => begun(plant),
    step: (state, inputs) => step(inputs.on['inlet-high'] ? pressed : plant, state, hz, inputs, around),
    read: (state, _inputs, into) => {
      into[0] = state.pressure;
      into[1] = state.flow;
      into[2] = state.draw;
      for (let i = 0; i < plant.count; i++) into[3 + i] = state[UNIT_KEYS[i]];
      into[3 + plant.count] = state.power;
      if (plant.vessel_L > 0) into[4 + plant.count] = state.held_L;
    },
    flagsOf: (state) =>
      (state.lowNow === 1 ? 1 : 0) +
      (state.doing === DOING.fault ? 2 : 0) +
      (state.dryNow === 1 ? 4 : 0) +
      (state.pressure > plant.rating_bar ? 8 : 0) +
      (state.warns === 1 ? 16 : 0) +
      (state.doing === DOING.waits ? 32 : 0) +
      (state.huntsNow === 1 ? 64 : 0) +
      (state.running > 1 ? 128 : 0) +
      (state.blows === 1 ? 256 : 0),
    sums: ({ kWh, moved_m3, starts, startsMost, low_s, dryRun_s, hunts_s, top_bar }) => ({
      kWh,
      cost: kWh * plant.price_kWh,
      moved_m3,
      starts,
      starts_h: startsMost,
      low_min: low_s / MINUTE_s,
      dry_s: dryRun_s,
      hunts_min: hunts_s / MINUTE_s,
      greatest_bar: top_bar,
      spoiled: dryRun_s > plant.sealDry_s ? 1 : 0,
    }),
  };
}

/**
 * It has run before: the pressure stands as set, and the vessel holds what it holds at that. A sensor that shows nothing whatever the
 * pressure holds it nowhere.
 */
function begun({ set_bar, shows, vessel_L, gas_bar }: DrivePlant): DriveState {
  const pressure = shows > 0 ? set_bar / shows : 0;
  const absolute = pressure + AIR_bar;
  const held_L = vessel_L > 0 && absolute > gas_bar ? vessel_L * (1 - gas_bar / absolute) : 0;
  return { ...BLANK, pressure, held_L, turn_bar: pressure, top_bar: pressure };
}

function step(
  plant: DrivePlant,
  state: DriveState,
  hz: Turning,
  { on, amount, begins, second, water_m3h }: BenchInputs<DriveEvent>,
  around: Around,
): void {
  if (second % SECONDS_PER_HOUR === 0) state.startsHour = 0;
  around.sensorOff = on['sensor-off'];
  around.signalOff = on['signal-off'];
  around.swapped = on['sides-swapped'];
  around.out = on['lead-out'] ? state.lead : -1;
  around.asked = water_m3h / plant.greatest_m3h;
  if (begins['lead-out']) leadFails(plant, state);
  const lost = (on['lead-out'] ? 1 : 0) + (on['address-twice'] ? 1 : 0);
  around.available = lost < plant.count ? plant.count - lost : 0;
  const off = on['power-cut'] || !plant.known;
  if (begins['power-cut']) {
    state.doing = plant.resumes ? DOING.stopped : DOING.waits;
    state.running = 0;
  }
  const opening = openingOf(plant, on, amount, water_m3h);
  const dry = on['inlet-dry'];
  const gas = on['gas-lost'] ? plant.lostGas_bar : plant.gas_bar;
  if (state.gas_bar > 0 && state.gas_bar !== gas) regas(plant, state, gas);
  state.gas_bar = gas;
  takeUp(state, hz);
  for (let part = 0; part < PARTS; part++) {
    if (off) hz.fill(0);
    else control(plant, state, hz, around, DT_s);
    moveWater(plant, state, hz, opening, dry, gas, DT_s);
    relieve(plant, state, hz, dry, gas);
    if (state.pressure > state.top_bar) state.top_bar = state.pressure;
    follow(state);
  }
  putDown(state, hz);
  sumUp(plant, state, hz, opening, dry, second);
}

/** Gas let out, or filled up with the vessel empty of water: its water is what the pressure of now leaves room for. */
function regas({ vessel_L }: DrivePlant, state: DriveState, gas_bar: number): void {
  const absolute = state.pressure + AIR_bar;
  state.held_L = vessel_L > 0 && absolute > gas_bar ? vessel_L * (1 - gas_bar / absolute) : 0;
}

/** A relief valve holds its pressure, and lets pass what the pumps give above that. */
function relieve(plant: DrivePlant, state: DriveState, hz: Turning, dry: boolean, gas_bar: number): void {
  state.blows = state.pressure > plant.relief_bar ? 1 : 0;
  if (state.blows === 0) return;
  state.pressure = plant.relief_bar;
  const flow = flowOfAll(plant, hz, plant.relief_bar, dry);
  if (flow > state.flow) state.flow = flow;
  const absolute = plant.relief_bar + AIR_bar;
  if (plant.vessel_L > 0 && absolute > gas_bar) state.held_L = plant.vessel_L * (1 - gas_bar / absolute);
}

/** Where the lead alone has the sensor, all stop with it. */
function leadFails(plant: DrivePlant, state: DriveState): void {
  if (plant.othersGoOn || state.running === 0) return;
  state.doing = DOING.fault;
  state.running = 0;
}

/** What is open, m³/h at a bar. */
function openingOf(
  { named_bar, leak_m3h }: DrivePlant,
  on: Readonly<Record<DriveEvent, boolean>>,
  amount: Readonly<Record<DriveEvent, number>>,
  water_m3h: number,
): number {
  if (on['discharge-shut']) return 0;
  let draw = on['all-taps-shut'] ? 0 : water_m3h;
  if (on['tap-open']) draw += amount['tap-open'];
  if (on['pipe-burst']) draw += amount['pipe-burst'];
  return (draw + leak_m3h) / Math.sqrt(named_bar);
}

/** Counts the turns of the pressure: it hunts where it turns often and far. */
function follow(state: DriveState): void {
  const { pressure, turn_bar, way } = state;
  if (way > 0 ? pressure > turn_bar : pressure < turn_bar) state.turn_bar = pressure;
  else if (way > 0 ? pressure < turn_bar - HUNTS_bar : pressure > turn_bar + HUNTS_bar) {
    state.turns += 1;
    state.way = -way;
    state.turn_bar = pressure;
  }
}

function sumUp(
  plant: DrivePlant,
  state: DriveState,
  hz: Turning,
  opening: number,
  dry: boolean,
  second: number,
): void {
  state.power = powerOfAll(plant, state, hz, dry);
  state.kWh += state.power / 1000 / SECONDS_PER_HOUR;
  state.moved_m3 += state.flow / SECONDS_PER_HOUR;
  state.lowNow = opening > 0 && state.pressure < askedAt(plant, opening) * LOW_SHARE ? 1 : 0;
  if (state.lowNow === 1) state.low_s += 1;
  let turns = 0;
  for (let i = 0; i < plant.count; i++) if (hz[i] > 0) turns = 1;
  state.dryNow = dry && turns === 1 ? 1 : 0;
  if (state.dryNow === 1) state.dryRun_s += 1;
  if (second % MINUTE_s !== MINUTE_s - 1) return;
  state.huntsNow = state.turns >= HUNTS_TURNS ? 1 : 0;
  if (state.huntsNow === 1) state.hunts_s += MINUTE_s;
  state.turns = 0;
}

/** What the plant asks for while so much is open: little is lost in the pipe at a small draw. */
function askedAt({ nil_bar, wanted_bar, named_bar, greatest_m3h }: DrivePlant, opening: number): number {
  const part = (opening * Math.sqrt(named_bar)) / greatest_m3h;
  return nil_bar + (wanted_bar - nil_bar) * (part < 1 ? part * part : 1);
}
