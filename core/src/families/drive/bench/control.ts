import { hasOneTooMany, heldFor_s, ramped, wantsNext } from '../../../control';
import type { DrivePlant } from './plant';
import { DOING, type DriveState, type Turning } from './state';

/** It fills the vessel no longer than this before it stops. */
const FILLS_MOST_s = 30;
/** As good as at its set pressure, bar. */
const AT_SET = 0.05;

/** What happens around it, as it concerns the controller. */
export interface Around {
  sensorOff: boolean;
  /** units that it can command */
  available: number;
  /** the unit that is out; -1 while none is */
  out: number;
  /** share of the greatest that an outside signal asks for */
  asked: number;
  signalOff: boolean;
  /** two sensors of a difference with their sides swapped */
  swapped: boolean;
}

/** One moment of the controller: reads its sensor, decides, and turns its units. */
export function control(
  plant: DrivePlant,
  state: DriveState,
  hz: Turning,
  around: Around,
  dt_s: number,
): void {
  const reads = state.pressure * plant.shows + plant.showsMore_bar;
  const shown = around.sensorOff ? 0 : around.swapped ? -reads : reads;
  if (state.doing === DOING.stopped) {
    if (plant.control !== 'pressure' || shown < plant.cutIn_bar) start(plant, state, around);
  } else if (state.doing === DOING.fault) waitInFault(plant, state, around, dt_s);
  let wanted = 0;
  if (state.doing === DOING.runs || state.doing === DOING.fills)
    wanted = run(plant, state, hz, around, shown, dt_s);
  turnUnits(plant, state, hz, around, wanted, dt_s);
}

function start(plant: DrivePlant, state: DriveState, around: Around): void {
  if (around.available < 1) return;
  state.doing = DOING.runs;
  state.running = 1;
  state.integral = plant.least_hz;
  state.below_s = 0;
  state.filling_s = 0;
  state.short_s = 0;
  state.many_s = 0;
  state.dry_s = 0;
  changeLead(plant, state, around);
  countStart(state);
}

/** The next leads once this one has led its hours; one that is out leads nothing. */
function changeLead(plant: DrivePlant, state: DriveState, { out }: Around): void {
  if (state.led_s >= plant.leads_s || state.lead === out) {
    state.lead = (state.lead + 1) % plant.count;
    state.led_s = 0;
  }
}

function countStart(state: DriveState): void {
  state.starts += 1;
  state.startsHour += 1;
  if (state.startsHour > state.startsMost) state.startsMost = state.startsHour;
}

function stand(state: DriveState, doing: number): void {
  state.doing = doing;
  state.running = 0;
}

function waitInFault(plant: DrivePlant, state: DriveState, around: Around, dt_s: number): void {
  state.fault_s += dt_s;
  if (state.tries >= plant.retries || state.fault_s < plant.retryAfter_s) return;
  state.tries += 1;
  state.fault_s = 0;
  start(plant, state, around);
}

/** Frequency that is wanted of the one that varies. */
function run(
  plant: DrivePlant,
  state: DriveState,
  hz: Turning,
  around: Around,
  shown: number,
  dt_s: number,
): number {
  state.led_s += dt_s;
  if (around.sensorOff && plant.sensorStops) {
    stand(state, DOING.fault);
    return 0;
  }
  if (guardDry(plant, state, shown, dt_s)) return 0;
  if (plant.control === 'fixed') return plant.fixed_hz;
  if (plant.control === 'signal') {
    if (around.signalOff) return unasked(plant, state, hz);
    const [low, high] = plant.signalTaken;
    return plant.least_hz + (plant.fixed_hz - plant.least_hz) * (low + (high - low) * around.asked);
  }
  const part = state.draw / plant.greatest_m3h;
  const lifted = plant.set_bar + plant.lift_bar * (part < 1 ? part * part : 1);
  const set = state.doing === DOING.fills ? plant.set_bar + plant.boost_bar + AT_SET : lifted;
  const error = set - shown;
  const wanted = held(state.integral + plant.gain * error, plant.least_hz, plant.most_hz);
  // the reset stands still while the frequency is at an end and would be driven further
  const atEnd = (wanted >= plant.most_hz && error > 0) || (wanted <= plant.least_hz && error < 0);
  if (!atEnd)
    state.integral = held(state.integral + (plant.gain * error * dt_s) / plant.reset_s, 0, plant.most_hz);
  cascade(plant, state, hz[state.lead], around, shown, set, dt_s);
  stopForNoDemand(plant, state, hz[state.lead], shown, dt_s);
  return wanted;
}

/** Frequency once the signal is lost. */
function unasked(plant: DrivePlant, state: DriveState, hz: Turning): number {
  if (plant.signalLost === 'stop') return 0;
  if (plant.signalLost === 'least') return plant.least_hz;
  return plant.signalLost === 'greatest' ? plant.fixed_hz : hz[state.lead];
}

function held(value: number, least: number, most: number): number {
  return value < least ? least : value > most ? most : value;
}

/** Under its threshold for its delay: stops, or warns. */
function guardDry(plant: DrivePlant, state: DriveState, shown: number, dt_s: number): boolean {
  state.dry_s = heldFor_s(state.dry_s, shown < plant.dryBelow_bar, dt_s);
  const trips = state.dry_s > plant.dryDelay_s;
  state.warns = trips && plant.dryWarns ? 1 : 0;
  if (!trips || !plant.dryStops) return false;
  state.fault_s = 0;
  stand(state, DOING.fault);
  return true;
}

function cascade(
  plant: DrivePlant,
  state: DriveState,
  lead: number,
  { available }: Around,
  shown: number,
  set: number,
  dt_s: number,
): void {
  if (plant.count === 1) return;
  const next = state.running < available && wantsNext(lead, plant.most_hz, shown, set, plant.nextBelow_bar);
  state.short_s = heldFor_s(state.short_s, next, dt_s);
  if (state.short_s > plant.nextDelay_s) {
    state.running += 1;
    state.short_s = 0;
    countStart(state);
  }
  state.many_s = heldFor_s(state.many_s, state.running > 1 && hasOneTooMany(lead, plant.nextOff_hz), dt_s);
  if (state.many_s > plant.nextDelay_s) {
    state.running -= 1;
    state.many_s = 0;
  }
  if (state.running > available) state.running = available;
}

function stopForNoDemand(
  plant: DrivePlant,
  state: DriveState,
  lead: number,
  shown: number,
  dt_s: number,
): void {
  if (state.doing === DOING.fills) {
    state.filling_s += dt_s;
    if (shown >= plant.set_bar + plant.boost_bar || state.filling_s > FILLS_MOST_s)
      stand(state, DOING.stopped);
    return;
  }
  const idle = state.running === 1 && lead < plant.stop_hz && shown >= plant.set_bar - AT_SET;
  state.below_s = heldFor_s(state.below_s, idle, dt_s);
  if (state.below_s <= plant.stopDelay_s) return;
  state.below_s = 0;
  state.filling_s = 0;
  if (plant.boost_bar > 0) state.doing = DOING.fills;
  else stand(state, DOING.stopped);
}

/** The lead first, then the next ones after it; one that is out stands, and the one behind it takes its place. */
function turnUnits(
  plant: DrivePlant,
  state: DriveState,
  hz: Turning,
  { out }: Around,
  wanted: number,
  dt_s: number,
): void {
  let ordered = 0;
  for (let i = 0; i < plant.count; i++) {
    const unit = (state.lead + i) % plant.count;
    if (unit === out) {
      hz[unit] = 0;
      continue;
    }
    const runs = ordered < state.running;
    const to = !runs ? 0 : ordered === 0 || plant.alike ? wanted : plant.most_hz;
    hz[unit] = ramped(hz[unit], to, plant.up, plant.down, dt_s);
    ordered += 1;
  }
}
