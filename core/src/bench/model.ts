import type { EventBook } from './event-words';

/** What the plant does in this second; one object for the whole run, written over each time. */
export interface BenchInputs<Kind extends string = string> {
  second: number;
  water_m3h: number;
  /** weather of this hour; 10 °C without sun where none is given */
  air_C: number;
  sun: number;
  /** which events hold now */
  readonly on: Record<Kind, boolean>;
  /** their amounts; NaN where none was given */
  readonly amount: Record<Kind, number>;
  /** true in the one second in which an event begins */
  readonly begins: Record<Kind, boolean>;
}

/** One thing that is traced. */
export interface Channel {
  readonly key: string;
  readonly label: string;
  readonly unit: string;
}

/** Something that may hold or not, and what to say when that changes. */
export interface Flag {
  readonly begins: string;
  readonly ends: string | null;
}

/**
 * A simulated pump, as a family of pumps makes one from settings. Its state is plain numbers that can be copied; a step
 * allocates nothing and uses + − × ÷ and comparisons only, so that worker and server agree to the last bit.
 */
export interface BenchModel<State extends Record<string, number>, Kind extends string = string> {
  /** what can happen to it */
  readonly events: EventBook<Kind>;
  readonly channels: readonly Channel[];
  readonly flags: readonly Flag[];
  /** how finely it is stepped; once a second where it is left out */
  readonly steps_per_s?: number;
  init(): State;
  /** advances by one step */
  step(state: State, inputs: BenchInputs<Kind>): void;
  /** writes the value of every channel in this second */
  read(state: State, inputs: BenchInputs<Kind>, into: Float64Array): void;
  /** bit n is set while flag n holds */
  flagsOf(state: State): number;
  sums(state: State): Record<string, number>;
}
