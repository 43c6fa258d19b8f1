import type { Channel, Flag } from '../../../bench';
import type { PoolPlant } from './plant';

export const CHANNELS: readonly Channel[] = [
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

export const FLAGS: readonly Flag[] = [
  { begins: 'Priming.', ends: 'The prime is over.' },
  { begins: 'Not primed in its time: it stops with a dry alarm.', ends: 'The alarm is cleared.' },
  { begins: 'The cut outlasted the clock, which is unset now.', ends: 'The clock is set.' },
  { begins: 'The pump waits after the power cut.', ends: null },
  { begins: 'Programs are held off.', ends: 'Programs may run again.' },
  { begins: 'The pump runs by hand.', ends: 'Programs take over again.' },
  { begins: 'Frost guard runs the pump.', ends: 'Frost guard is over.' },
  { begins: 'The heater fires.', ends: 'The heater stops.' },
  { begins: 'The roof heats the water.', ends: 'The roof is shut off.' },
  { begins: 'The cleaner’s booster starts.', ends: 'The cleaner’s booster stops.' },
  { begins: 'A timed run is on.', ends: 'The timed run is over: programs take over again.' },
  { begins: 'The chlorinator is on boost.', ends: 'The boost is over: it makes what is set again.' },
  { begins: 'Water stands in pipes below freezing.', ends: 'That water moves, or the frost is over.' },
];

/** The flags that hold, in the order of `FLAGS`: spelled out, for a lookup by name costs more than the step itself. */
export function flagsOf(s: PoolState): number {
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
    (s.boostLeft_s > 0 ? 2048 : 0) +
    s.pipesFreeze * 4096
  );
}

/** The pump before the first second: at rest, its clock as it shows. */
export function startOf(plant: PoolPlant, clock_s: number) {
  return {
    /** the controller's own clock, seconds of the week */
    clock_s,
    powerless: 0,
    cut_s: 0,
    clockLost: 0,
    waiting: 0,
    clockOff_s: 0,
    // what runs
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
    /** of a hold that ends by itself */
    holdLeft_s: 0,
    held: plant.held ? 1 : 0,
    frost: 0,
    frostLeft_s: 0,
    // heat and treatment
    water_C: plant.water_C,
    roof_C: 10,
    /** what calls for heat: 0 nothing, 1 the heater, 2 the roof */
    heatCalls: 0,
    heater: 0,
    solarOn: 0,
    coolingOn: 0,
    fired: 0,
    afterRunLeft_s: 0,
    cleanerOn: 0,
    cleanerWait_s: 0,
    makes: 0,
    /** of a boost of the chlorinator */
    boostLeft_s: 0,
    pipesFreeze: 0,
    still_s: 0,
    // sums
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
  };
}

/** The state of a simulated pool pump: plain numbers, copied for a snapshot. */
export type PoolState = ReturnType<typeof startOf>;

/** What a run came to. */
export function sumsOf(plant: PoolPlant, state: PoolState): Record<string, number> {
  return {
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
  };
}
