import { AIR_bar } from '../../../hydraulics';
import type { DrivePlant } from './plant';
import type { DriveState, Turning } from './state';

/** Litres in a second that a m³/h is. */
const LPS = 1 / 3.6;
/** Halvings of the pressure that the pipes settle at: to a millionth of the greatest. */
const HALVINGS = 22;
/** A vessel is never filled by more than this: its gas is left in it. */
const FULLEST = 0.98;

/** Flow of one pump at a frequency against a pressure, m³/h; none backwards, for each has a check valve. */
function flowOf(plant: DrivePlant, hz: number, pressure_bar: number): number {
  const n = hz / plant.rated_hz;
  const head = (pressure_bar - plant.inlet_bar) * plant.metresPerBar;
  const b = plant.rise * n;
  const root = b * b + 4 * plant.fall * (plant.closed_m * n * n - head);
  if (root <= 0) return 0;
  const flow = (b + Math.sqrt(root)) / (2 * plant.fall);
  return flow > 0 ? flow : 0;
}

/** Flow of all units against a pressure, m³/h; none while the inlet is dry. */
export function flowOfAll(plant: DrivePlant, hz: Turning, pressure_bar: number, dry: boolean): number {
  if (dry) return 0;
  let flow = 0;
  for (let i = 0; i < plant.count; i++) flow += flowOf(plant, hz[i], pressure_bar);
  return flow;
}

/**
 * Moves water for a moment: a vessel by its gas law (p·V kept), else where the curves and the openings meet. `opening` is m³/h at a bar:
 * what is drawn goes with the root of the pressure.
 */
export function moveWater(
  plant: DrivePlant,
  state: DriveState,
  hz: Turning,
  opening: number,
  dry: boolean,
  gas_bar: number,
  dt_s: number,
): void {
  const gas = gas_bar - AIR_bar;
  if (plant.vessel_L > 0 && (state.held_L > 0 || state.pressure >= gas)) {
    fillVessel(plant, state, hz, opening, dry, gas_bar, dt_s);
    if (state.held_L > 0) return;
  }
  const settled = meetingPoint(plant, state, hz, opening, dry);
  // pipes give a little: they take a few tenths of a second to settle
  state.pressure += (settled - state.pressure) * SETTLES;
  state.draw = state.pressure > 0 ? opening * Math.sqrt(state.pressure) : 0;
  state.flow = state.draw;
}
const SETTLES = 0.5;

function fillVessel(
  plant: DrivePlant,
  state: DriveState,
  hz: Turning,
  opening: number,
  dry: boolean,
  gas_bar: number,
  dt_s: number,
): void {
  const pressure = (gas_bar * plant.vessel_L) / (plant.vessel_L - state.held_L) - AIR_bar;
  const draw = pressure > 0 ? opening * Math.sqrt(pressure) : 0;
  const flow = flowOfAll(plant, hz, pressure, dry);
  const held = state.held_L + (flow - draw) * LPS * dt_s;
  const most = plant.vessel_L * FULLEST;
  state.held_L = held < 0 ? 0 : held > most ? most : held;
  state.pressure = (gas_bar * plant.vessel_L) / (plant.vessel_L - state.held_L) - AIR_bar;
  state.draw = draw;
  state.flow = flow;
}

/** Pressure at which all that the pumps give is drawn; with everything shut, the greatest that they hold. */
function meetingPoint(
  plant: DrivePlant,
  state: DriveState,
  hz: Turning,
  opening: number,
  dry: boolean,
): number {
  let fastest = 0;
  for (let i = 0; i < plant.count; i++) {
    if (hz[i] > fastest) fastest = hz[i];
  }
  const n = fastest / plant.rated_hz;
  const top = dry ? 0 : plant.inlet_bar + (plant.closed_m * n * n) / plant.metresPerBar;
  // check valves keep what stands behind them while nothing is drawn
  if (opening <= 0) return top > state.pressure || (plant.seepsBack && fastest > 0) ? top : state.pressure;
  if (!dry && turnAlike(plant, hz, fastest)) {
    // where none turns, the inlet pushes water through all of them
    const meets = meetingOfAlike(plant, opening, n, fastest > 0 ? turningOf(plant, hz) : plant.count);
    // below the inlet those that stand let water through too
    if (meets > plant.inlet_bar || fastest === 0) return meets;
  }
  let low = 0;
  let high = top > 0 ? top : 0;
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (flowOfAll(plant, hz, middle, dry) > opening * Math.sqrt(middle)) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** True where every unit that turns does so with one frequency. */
function turnAlike(plant: DrivePlant, hz: Turning, fastest: number): boolean {
  for (let i = 0; i < plant.count; i++) {
    if (hz[i] !== 0 && hz[i] !== fastest) return false;
  }
  return true;
}

function turningOf(plant: DrivePlant, hz: Turning): number {
  let turning = 0;
  for (let i = 0; i < plant.count; i++) if (hz[i] > 0) turning += 1;
  return turning;
}

/**
 * Where k alike pumps meet the openings: with q = A·√p/k in H0·n² + b·n·q − a·q² = (p − p_in)·M it is a quadratic in √p, of which the
 * positive root is meant.
 */
function meetingOfAlike(plant: DrivePlant, opening: number, n: number, units: number): number {
  const each = opening / units;
  const square = plant.fall * each * each + plant.metresPerBar;
  const linear = plant.rise * n * each;
  const constant = plant.closed_m * n * n + plant.inlet_bar * plant.metresPerBar;
  if (constant <= 0) return 0;
  const root = (linear + Math.sqrt(linear * linear + 4 * square * constant)) / (2 * square);
  return root * root;
}

/** Power of all units, W, each by its own flow. */
export function powerOfAll(plant: DrivePlant, state: DriveState, hz: Turning, dry: boolean): number {
  let power = 0;
  for (let i = 0; i < plant.count; i++) {
    if (hz[i] <= 0) continue;
    const n = hz[i] / plant.rated_hz;
    const flow = dry ? 0 : flowOf(plant, hz[i], state.pressure);
    power += n * n * (plant.power0_W * n + plant.powerPerFlow * flow);
  }
  return power;
}
