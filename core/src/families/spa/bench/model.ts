import type { BenchInputs, BenchModel } from '../../../bench';
import { FELT_K, SWING_K } from '../effect/tub';
import { SPA_EVENTS, type SpaEvent } from './events';
import type { SpaPlant } from './plant';
import { BLANK, type SpaState } from './state';

const SECONDS_PER_HOUR = 3600;
const SECONDS_PER_DAY = 86_400;
const MINUTE_s = 60;
const DAY_min = 1440;
/** A breaker lets this much of its current pass for a while, and then trips. */
const TRIPS_ABOVE = 1.13;
const TRIPS_AFTER_s = 600;
/** Water that stands so long in frost begins to freeze in the pipes. */
const FREEZES_AFTER_s = 3600;

/** A tub under a spa pack, a second a step. */
export function spaModel(plant: SpaPlant): BenchModel<SpaState, SpaEvent> {
  return {
    events: SPA_EVENTS,
    channels: [
      { key: 'water', label: 'Water', unit: '°C' },
      { key: 'current', label: 'Current, worst phase', unit: 'A' },
      { key: 'heater', label: 'Heater', unit: 'W' },
      { key: 'pumps', label: 'Pumps', unit: 'W' },
    ],
    flags: [
      { begins: 'It heats.', ends: 'The tub stops heating.' },
      { begins: 'The water is too cool to bathe in.', ends: 'The water is warm enough.' },
      {
        begins: 'More current than the breaker is made for.',
        ends: 'The current is under that of the breaker.',
      },
      { begins: 'The breaker has tripped.', ends: null },
      { begins: 'Water stands in the frost.', ends: 'Water moves again.' },
      { begins: 'It wants to heat, and no water moves.', ends: 'Water moves past the heater.' },
      { begins: 'The pack waits for a person.', ends: null },
    ],
    init: () => begun(plant),
    step: (state, inputs) => step(plant, state, inputs),
    read: (state, _inputs, into) => {
      into[0] = state.water_C;
      into[1] = state.amps_A;
      into[2] = state.heater_W;
      into[3] = state.moving_W;
    },
    flagsOf: (state) =>
      (state.heating === 1 ? 1 : 0) +
      (state.cool === 1 ? 2 : 0) +
      (state.amps_A > plant.breaker_A ? 4 : 0) +
      (state.tripped === 1 ? 8 : 0) +
      (state.frosty === 1 ? 16 : 0) +
      (state.dryHeat === 1 ? 32 : 0) +
      (state.waits === 1 ? 64 : 0),
    sums: (state) => {
      const { heater_kWh, jets_kWh, filter_kWh, other_kWh } = state;
      return {
        kWh: heater_kWh + jets_kWh + filter_kWh + other_kWh,
        heater_kWh,
        jets_kWh,
        filter_kWh,
        other_kWh,
        cost: state.cost,
        cool_h: state.cool_s / SECONDS_PER_HOUR,
        greatest_A: state.most_A,
        turnovers: (state.moved_m3 * 1000) / plant.litres,
        longest_h: state.longest_s / SECONDS_PER_HOUR,
        frost_h: state.frost_s / SECONDS_PER_HOUR,
        trips: state.trips,
        coldest_C: state.coldest_C,
        gained_kWh: state.gained_Wh / 1000,
        lost_kWh: state.lost_Wh / 1000,
        held_kWh: state.held_Wh / 1000,
      };
    },
  };
}

/** It has stood warm: as warm as it holds. */
function begun({ held_C, wanted_C }: SpaPlant): SpaState {
  const water_C = held_C === held_C ? held_C : wanted_C;
  return { ...BLANK, water_C, coldest_C: water_C };
}

function step(plant: SpaPlant, state: SpaState, inputs: BenchInputs<SpaEvent>): void {
  const { on, amount, begins, second } = inputs;
  if (begins['power-cut']) {
    if (!plant.resumes) state.waits = 1;
    if (!plant.keepsClock) state.clock_s = NaN;
  }
  const power = !on['power-cut'];
  // a clock that was lost begins at midnight when power returns
  if (power && state.clock_s !== state.clock_s) state.clock_s = second;
  if (begins['clock-lost']) state.clock_s = second;
  state.air_C = inputs.air_C - (on['cold-snap'] ? amount['cold-snap'] : 0);
  const minute = Math.floor((second % SECONDS_PER_DAY) / MINUTE_s);
  const own =
    Math.floor((second - (state.clock_s === state.clock_s ? state.clock_s : 0)) / MINUTE_s) % DAY_min;
  const runs = power && plant.known && state.waits === 0 && state.tripped === 0;
  const bathes = on.bathing || plant.baths[minute] === 1;
  drive(plant, state, {
    runs,
    bathes,
    cycle: plant.cycles[own] === 1,
    cleans: plant.cleans[minute] === 1,
    dead: on['output-dead'],
    scaled: on['heater-scaled'] ? amount['heater-scaled'] / 100 : 0,
    open: bathes || on['cover-off'],
  });
  sumUp(plant, state, plant.prices[minute]);
}

/** What the pack is asked for in this second. */
interface Asked {
  readonly runs: boolean;
  readonly bathes: boolean;
  readonly cycle: boolean;
  readonly cleans: boolean;
  /** the pump that circulates does not turn */
  readonly dead: boolean;
  /** share of the heater that is lost */
  readonly scaled: number;
  readonly open: boolean;
}

function drive(plant: SpaPlant, state: SpaState, asked: Asked): void {
  const { runs, bathes, dead } = asked;
  const calls = state.heating === 1 ? state.water_C < plant.held_C : state.water_C < plant.held_C - SWING_K;
  const may = bathes ? plant.heatsInBath : plant.anyTime || asked.cycle;
  const guard = state.air_C < plant.guardBelow_C;
  const wantsHeat = runs && calls && may;
  const turns = plant.moves && !dead;
  const jets = runs && bathes && plant.jets_W > 0;
  const low = runs && !jets && turns && (plant.always || asked.cycle || asked.cleans || guard || wantsHeat);
  const heats = wantsHeat && plant.flows && (jets || low);
  state.dryHeat = wantsHeat && !heats ? 1 : 0;
  state.heating = heats ? 1 : 0;
  state.bathes = bathes ? 1 : 0;
  state.moves = jets || low ? 1 : 0;
  state.heater_W = heats ? plant.heater_W * (1 - asked.scaled) : 0;
  state.moving_W = jets ? plant.jets_W : low ? plant.circulating_W : 0;
  state.other_W = runs ? plant.other_W : 0;
  state.amps_A = 0;
  for (let phase = 0; phase < plant.base.length; phase++) {
    let amps = runs ? plant.base[phase] : 0;
    if (jets) amps += plant.jets[phase];
    else if (low) amps += plant.low[phase];
    if (heats) amps += plant.heat[phase] * (1 - asked.scaled);
    if (amps > state.amps_A) state.amps_A = amps;
  }
  // heat of this second, and what the air takes
  const gained = (state.heater_W + state.moving_W) / SECONDS_PER_HOUR;
  const loss = asked.open ? plant.open_WK : plant.covered_WK;
  const lost = (loss * (state.water_C - state.air_C)) / SECONDS_PER_HOUR;
  state.gained_Wh += gained;
  state.lost_Wh += lost;
  state.held_Wh += gained - lost;
  state.water_C += (gained - lost) / plant.held_WhK;
}

function sumUp(plant: SpaPlant, state: SpaState, price: number): void {
  const kWh = 1 / 1000 / SECONDS_PER_HOUR;
  state.heater_kWh += state.heater_W * kWh;
  if (state.bathes === 1) state.jets_kWh += state.moving_W * kWh;
  else state.filter_kWh += state.moving_W * kWh;
  state.other_kWh += state.other_W * kWh;
  state.cost += (state.heater_W + state.moving_W + state.other_W) * kWh * price;
  if (state.amps_A > state.most_A) state.most_A = state.amps_A;
  if (state.water_C < state.coldest_C) state.coldest_C = state.water_C;
  state.over_s = state.amps_A > plant.breaker_A * TRIPS_ABOVE ? state.over_s + 1 : 0;
  if (state.over_s >= TRIPS_AFTER_s && state.tripped === 0) {
    state.tripped = 1;
    state.trips += 1;
  }
  state.cool = state.bathes === 1 && state.water_C < plant.wanted_C - FELT_K ? 1 : 0;
  state.cool_s += state.cool;
  if (state.moves === 1) {
    state.stand_s = 0;
    state.moved_m3 += plant.flow_m3h / SECONDS_PER_HOUR;
  } else {
    state.stand_s += 1;
    if (state.stand_s > state.longest_s) state.longest_s = state.stand_s;
  }
  state.frosty = state.air_C < 0 && state.stand_s > FREEZES_AFTER_s ? 1 : 0;
  state.frost_s += state.frosty;
}
