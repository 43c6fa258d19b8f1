/** When a heater may run beside the pumps of its board. */
export const HEATER_RULES = ['no-pump', 'none-high', 'one-high', 'any'] as const;
export type HeaterRule = (typeof HEATER_RULES)[number];

/** What is taken from a phase, counted from 1. */
export interface PhaseCurrent {
  readonly current_A: number;
  readonly phase: number;
}

/** A pump on an output: the current at each speed that the output has; `low_A` null on one of a single speed. */
export interface PumpCurrents {
  readonly low_A: number | null;
  readonly high_A: number;
  readonly phase: number;
}

/** Everything that hangs on a board. */
export interface Board {
  readonly phases: number;
  /** by output; null where an output drives nothing */
  readonly pumps: readonly (PumpCurrents | null)[];
  readonly blower: PhaseCurrent | null;
  /** what may run at any time, whatever else does: circulation, ozone, lights */
  readonly always: readonly PhaseCurrent[];
  /** each of the heater's elements */
  readonly heater: readonly PhaseCurrent[];
  /** a circulation pump of its own gives the heater its flow; else the first pump at low speed does */
  readonly circulates: boolean;
}

export type PumpState = 'off' | 'low' | 'high';

/** What runs together at one moment. */
export interface BoardState {
  readonly heater: boolean;
  readonly pumps: readonly PumpState[];
  readonly blower: boolean;
}

/** The worst state of one phase. */
export interface PhaseLoad {
  readonly phase: number;
  readonly worst_A: number;
  readonly state: BoardState;
}

/** The worst phase, and each of them by itself. */
export interface BoardLoad extends PhaseLoad {
  readonly byPhase: readonly PhaseLoad[];
}

/** Whether a rule lets the heater run while so many pumps run at high speed, and at low beside the one that gives it its flow. */
export function mayHeat(rule: HeaterRule, high: number, low: number): boolean {
  if (rule === 'any') return true;
  if (rule === 'one-high') return high <= 1;
  return high === 0 && (rule === 'none-high' || low === 0);
}

/** Pumps that run beside the one that gives the heater its flow. */
export function besideHeater({ pumps }: BoardState, circulates: boolean): { high: number; low: number } {
  const high = pumps.filter((state) => state === 'high').length;
  const low = pumps.filter((state, i) => state === 'low' && (circulates || i > 0)).length;
  return { high, low };
}

/** Every state that a board allows under a rule: the heater × each pump off, low, high × the blower. */
export function* statesOf({ pumps, blower, circulates }: Board, rule: HeaterRule): Generator<BoardState> {
  for (const running of waysOf(pumps))
    for (const blows of blower ? [false, true] : [false])
      for (const heater of [false, true]) {
        const state: BoardState = { heater, pumps: running, blower: blows };
        const { high, low } = besideHeater(state, circulates);
        if (!heater || mayHeat(rule, high, low)) yield state;
      }
}

function waysOf([first, ...rest]: Board['pumps']): PumpState[][] {
  if (first === undefined) return [[]];
  const states: PumpState[] =
    first === null ? ['off'] : first.low_A === null ? ['off', 'high'] : ['off', 'low', 'high'];
  const others = waysOf(rest);
  return states.flatMap((state) => others.map((other) => [state, ...other]));
}

/** What a state takes on each phase, A: the sum of all that runs in it. */
export function ampsOf({ phases, pumps, blower, always, heater }: Board, state: BoardState): number[] {
  const amps = Array.from({ length: phases }, () => 0);
  const add = ({ current_A, phase }: PhaseCurrent) => {
    amps[(phase - 1) % phases] += current_A;
  };
  state.pumps.forEach((runs, i) => {
    const pump = pumps[i];
    if (!pump || runs === 'off') return;
    add({ current_A: runs === 'low' ? (pump.low_A ?? pump.high_A) : pump.high_A, phase: pump.phase });
  });
  if (state.blower && blower) add(blower);
  always.forEach(add);
  if (state.heater) heater.forEach(add);
  return amps;
}

/** The worst of all states that a board allows under a rule: current by phase is the sum of what runs in it, with all that may run always. */
export function worstOf(board: Board, rule: HeaterRule): BoardLoad {
  const worst: (PhaseLoad | undefined)[] = Array.from({ length: board.phases }, () => undefined);
  for (const state of statesOf(board, rule)) {
    ampsOf(board, state).forEach((worst_A, i) => {
      const before = worst[i];
      if (!before || worst_A > before.worst_A + 1e-9) worst[i] = { phase: i + 1, worst_A, state };
    });
  }
  // the state with everything off is always allowed: each phase has one
  const byPhase = worst.map((one) => one!);
  return { ...byPhase.reduce((most, one) => (one.worst_A > most.worst_A + 1e-9 ? one : most)), byPhase };
}
