import type { BenchInputs } from './model';
import type { BenchEvent, Change } from './event';
import { secondsOf, type Scenario } from './scenario';
import { chance } from './wobble';

const SECONDS_PER_HOUR = 3600;

/** Walks through a scenario second by second: the water of each, and which events hold. */
export class Timeline {
  readonly inputs: BenchInputs;
  private readonly changes: readonly Change[];
  private next = 0;
  private fresh = false;

  /** Begins at a second: what began and ended before it has been entered. */
  constructor(
    private readonly scenario: Scenario,
    start: number,
    private readonly kinds: readonly string[],
  ) {
    this.inputs = blankInputs(kinds);
    this.changes = changesOf(scenario.events, secondsOf(scenario));
    if (scenario.weather) this.weather(start);
    for (; this.next < this.changes.length && this.changes[this.next].at_s < start; this.next++) {
      this.enter(this.changes[this.next]);
    }
  }

  /** A step within a second: all is as it was, but nothing begins anew. */
  within(): BenchInputs {
    this.ended();
    return this.inputs;
  }

  private ended(): void {
    if (!this.fresh) return;
    for (const kind of this.kinds) this.inputs.begins[kind] = false;
    this.fresh = false;
  }

  /** Moves on to a second, which must be the one after the last. `onChange` hears of each event that begins or ends. */
  at(second: number, onChange?: (change: Change) => void): BenchInputs {
    const { inputs, scenario } = this;
    this.ended();
    while (this.next < this.changes.length && this.changes[this.next].at_s === second) {
      const change = this.changes[this.next++];
      this.enter(change);
      inputs.begins[change.event.kind] = change.begins;
      this.fresh = true;
      onChange?.(change);
    }
    const { flows_m3h, every_s } = scenario.water;
    const flow = flows_m3h[Math.floor(second / every_s) % flows_m3h.length];
    inputs.second = second;
    if (scenario.weather && second % SECONDS_PER_HOUR === 0) this.weather(second);
    inputs.water_m3h =
      scenario.wobble === 0
        ? flow
        : flow * (1 + scenario.wobble * (2 * chance(scenario.seed, Math.floor(second / 60)) - 1));
    return inputs;
  }

  private weather(second: number): void {
    const { air_C, sun } = this.scenario.weather!;
    const hour = Math.floor(second / SECONDS_PER_HOUR);
    this.inputs.air_C = air_C[hour % air_C.length];
    this.inputs.sun = sun[hour % sun.length];
  }

  private enter({ begins, event }: Change): void {
    this.inputs.on[event.kind] = begins;
    this.inputs.amount[event.kind] = event.amount ?? NaN;
  }
}

function changesOf(events: readonly BenchEvent[], seconds: number): Change[] {
  const changes = events.flatMap((event): Change[] => [
    { at_s: event.at_s, begins: true, event },
    ...(event.until_s === null ? [] : [{ at_s: event.until_s, begins: false, event }]),
  ]);
  // an end comes before a beginning at one second, so that one event can follow another of its kind
  return changes
    .filter((change) => change.at_s < seconds)
    .sort((a, b) => a.at_s - b.at_s || Number(a.begins) - Number(b.begins));
}

function blankInputs(kinds: readonly string[]): BenchInputs {
  const all = <T>(value: T) => Object.fromEntries(kinds.map((kind) => [kind, value]));
  return { second: 0, water_m3h: 0, air_C: 10, sun: 0, on: all(false), amount: all(NaN), begins: all(false) };
}
