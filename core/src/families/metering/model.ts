import type { DosePath } from '../../dosing';
import { rateAtFlow_spm } from '../../dosing';

/** The state of a pump while it runs through a time: plain and serialisable. */
export interface MeteringState {
  second: number;
  /** part of a stroke carried from one second into the next */
  carried: number;
  strokes: number;
  /** product pumped, mL */
  pumped_mL: number;
}

export function initModel(): MeteringState {
  return { second: 0, carried: 0, strokes: 0, pumped_mL: 0 };
}

/** Advances one second at a stroke rate; whole strokes are made as they fall due. Allocates nothing. */
export function stepModel(state: MeteringState, rate_spm: number, stroke_mL: number): void {
  state.carried += rate_spm / 60;
  const due = Math.floor(state.carried + 1e-9);
  state.carried -= due;
  state.strokes += due;
  state.pumped_mL += due * stroke_mL;
  state.second += 1;
}

export interface HourOfDay {
  readonly hour: number;
  readonly water_m3h: number;
  readonly rate_spm: number;
  readonly strokes: number;
  readonly pumped_mL: number;
}

export interface DayOfPump {
  readonly hours: readonly HourOfDay[];
  readonly strokes: number;
  readonly pumped_L: number;
}

/** A day of the pump, hour by hour, from the duty's mean water flow of each hour. */
export function dayOfPump(path: DosePath, hourly_m3h: readonly number[]): DayOfPump {
  const state = initModel();
  const hours = hourly_m3h.map((water_m3h, hour): HourOfDay => {
    const before = { strokes: state.strokes, pumped_mL: state.pumped_mL };
    const rate_spm = rateAtFlow_spm(path, water_m3h);
    for (let second = 0; second < 3600; second++) stepModel(state, rate_spm, path.stroke_mL);
    return {
      hour,
      water_m3h,
      rate_spm,
      strokes: state.strokes - before.strokes,
      pumped_mL: state.pumped_mL - before.pumped_mL,
    };
  });
  return { hours, strokes: state.strokes, pumped_L: state.pumped_mL / 1000 };
}
