import { InputError } from '../input';
import { onAbove } from './threshold';

/** A speed input by voltage: runs from `on` upwards, stops below `off`, between them keeps its state. */
export interface VoltageInput {
  readonly off_V: number;
  readonly on_V: number;
  readonly full_V: number;
}

/** Throws an InputError on the voltage that stands in the wrong order. */
export function checkedVoltages({ off_V, on_V, full_V }: VoltageInput): void {
  if (off_V > on_V) throw new InputError('off_v', 'It must stop at or below the voltage at which it starts.');
  if (on_V >= full_V)
    throw new InputError('full_v', 'Full speed must lie above the voltage at which it starts.');
}

/** Whether it runs at a voltage, coming from a state. */
export function runsAt(running: boolean, volts: number, { on_V, off_V }: VoltageInput): boolean {
  return onAbove(running, volts, on_V, off_V);
}

/** Share of the way from least to greatest speed at a voltage, 0 to 1, while it runs. */
export function shareOfVolts(volts: number, { on_V, full_V }: VoltageInput): number {
  return Math.min(1, Math.max(0, (volts - on_V) / (full_V - on_V)));
}

/** Speed after each voltage of a row, from standing: from least at `on` to greatest at `full`. */
export function speedsOfTrace(
  input: VoltageInput,
  least: number,
  greatest: number,
  trace_V: readonly number[],
): number[] {
  checkedVoltages(input);
  let running = false;
  return trace_V.map((volts) => {
    running = runsAt(running, volts, input);
    return running ? least + (greatest - least) * shareOfVolts(volts, input) : 0;
  });
}
