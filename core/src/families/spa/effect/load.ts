import {
  ampsOf as boardAmps,
  besideHeater,
  mayHeat,
  worstOf,
  type Board,
  type BoardState,
  type HeaterRule,
  type PumpCurrents,
  type PumpState,
} from '../../../electric';
import type { Output } from '../wire/behaviours';
import type { SpaDuty } from '../wire/duty';
import { MOST_PUMPS, speedsOf, type TableRow } from '../wire/table';

/** The worst state of one phase, and what is left of the supply then, as a share; below nil it trips. */
export interface PhaseLoad {
  readonly phase: number;
  readonly worst_A: number;
  readonly state: BoardState;
  readonly margin: number;
}

/** The worst phase, and each of them by itself. */
export interface Load extends PhaseLoad {
  readonly byPhase: readonly PhaseLoad[];
}

/** Current of each element of the heater, A: P/(n·U). */
export function heaterCurrent_A({ heater }: Pick<SpaDuty, 'heater'>): number {
  return (heater.power_kW * 1000) / (heater.phases * heater.volts_V);
}

/** What hangs on the outputs that a row gives: one speed answers to either of an output with two. */
export function boardOf(duty: SpaDuty, row: TableRow): Board {
  const { supply, heater, blower, circulation, ozone, lights } = duty;
  return {
    phases: supply.phases,
    pumps: Array.from({ length: MOST_PUMPS }, (_, i): PumpCurrents | null => {
      const pump = duty.pumps[i];
      const speeds = speedsOf(row, i + 1);
      if (!pump || speeds === 0) return null;
      const high_A = pump.high.current_A;
      return { high_A, low_A: speeds === 1 ? null : (pump.low?.current_A ?? high_A), phase: pump.phase };
    }),
    blower: row.blower ? blower : null,
    always: [row.circulation ? circulation : null, row.ozone ? ozone : null, lights].flatMap((load) =>
      load ? [load] : [],
    ),
    heater: Array.from({ length: heater.phases }, (_, i) => ({
      current_A: heaterCurrent_A(duty),
      phase: ((heater.phase - 1 + i) % supply.phases) + 1,
    })),
    circulates: row.circulation,
  };
}

/** What a state takes on each phase under a row, A. */
export function ampsOf(duty: SpaDuty, row: TableRow, state: BoardState): number[] {
  return boardAmps(boardOf(duty, row), state);
}

/** The worst of all states that a row allows under a rule, with the margin of each phase: 1 − I_max/I_supply. */
export function worstLoad(duty: SpaDuty, row: TableRow, rule: HeaterRule = row.heater): Load {
  const { byPhase, ...worst } = worstOf(boardOf(duty, row), rule);
  const margin = (worst_A: number) => 1 - worst_A / duty.supply.breaker_A;
  return {
    ...worst,
    margin: margin(worst.worst_A),
    byPhase: byPhase.map((one) => ({ ...one, margin: margin(one.worst_A) })),
  };
}

/** Minutes of bathing a day. */
export function bathing_min({ baths }: Pick<SpaDuty, 'baths'>): number {
  return baths.reduce((sum, { from, to }) => sum + (to > from ? to - from : to + 1440 - from), 0);
}

/** Jets of a bath: every pump that the row drives, at its highest. */
export function jetsOf(duty: SpaDuty, row: TableRow): BoardState {
  const pumps = Array.from({ length: MOST_PUMPS }, (_, i): PumpState =>
    duty.pumps[i] && speedsOf(row, i + 1) > 0 ? 'high' : 'off',
  );
  return { heater: false, pumps, blower: row.blower && duty.blower !== null };
}

/** Whether the heater may run while all jets do. */
export function heatsInBath(duty: SpaDuty, row: TableRow, rule: HeaterRule = row.heater): boolean {
  const { high, low } = besideHeater(jetsOf(duty, row), row.circulation);
  return mayHeat(rule, high, low);
}

/** Heating that a rule takes away while jets run in the times of bathing, kWh a day. */
export function heatingLost_kWh(duty: SpaDuty, row: TableRow, rule: HeaterRule = row.heater): number {
  return heatsInBath(duty, row, rule) ? 0 : (bathing_min(duty) / 60) * duty.heater.power_kW;
}

/** A state in words: what it is that runs. */
export function stateSaid(duty: SpaDuty, { heater, pumps, blower }: BoardState): string {
  const running = pumps.flatMap((state, i) => {
    const pump = duty.pumps[i];
    if (!pump || state === 'off') return [];
    return [pump.low ? `pump ${i + 1} ${state}` : `pump ${i + 1}`];
  });
  const parts = [...(heater ? ['heater'] : []), ...running, ...(blower && duty.blower ? ['blower'] : [])];
  return parts.length === 0 ? 'nothing but what always runs' : parts.join(', ');
}

/** One thing that takes current in a state. */
export interface Part {
  readonly name: string;
  readonly phase: number;
  readonly current_A: number;
}

/** What runs in a state, thing by thing, each on its phase: together what `ampsOf` says. */
export function partsOf(duty: SpaDuty, row: TableRow, state: BoardState): Part[] {
  const { pumps, blower, heater } = boardOf(duty, row);
  const one = (name: string, load: { phase: number; current_A: number } | null): Part[] =>
    load ? [{ name, phase: load.phase, current_A: load.current_A }] : [];
  return [
    ...(state.heater ? heater.flatMap((element) => one('heater', element)) : []),
    ...state.pumps.flatMap((runs, i) => {
      const pump = pumps[i];
      if (!pump || runs === 'off') return [];
      const current_A = runs === 'low' ? (pump.low_A ?? pump.high_A) : pump.high_A;
      return one(`pump ${i + 1}`, { phase: pump.phase, current_A });
    }),
    ...(state.blower ? one('blower', blower) : []),
    ...(row.circulation ? one('circulation', duty.circulation) : []),
    ...(row.ozone ? one('ozone', duty.ozone) : []),
    ...one('lights', duty.lights),
  ];
}

/** Currents of single outputs at their highest, A. */
export function currentsOf(duty: SpaDuty): { readonly output: Output; readonly current_A: number }[] {
  const pumps = duty.pumps.map(({ high }, i) => ({
    output: `pump-${i + 1}` as Output,
    current_A: high.current_A,
  }));
  const others = (['blower', 'circulation', 'ozone', 'lights'] as const).flatMap((output) => {
    const load = duty[output];
    return load ? [{ output, current_A: load.current_A }] : [];
  });
  return [...pumps, ...others];
}
