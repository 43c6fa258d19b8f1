import { wordsOfChange } from './event-words';
import type { BenchInputs, BenchModel, Channel } from './model';
import { secondsOf, type Scenario } from './scenario';
import { Timeline } from './timeline';

/** Something that happened, in words. */
export interface Happening {
  readonly at_s: number;
  readonly words: string;
}

export interface Trace extends Channel {
  /** least and greatest of each stretch: nothing is lost to sampling */
  readonly min: readonly number[];
  readonly max: readonly number[];
  /** mean of each stretch */
  readonly mean: readonly number[];
}

export interface Snapshot {
  readonly second: number;
  readonly state: Readonly<Record<string, number>>;
  readonly flags: number;
}

export interface BenchRun {
  readonly seconds: number;
  /** seconds of each stretch of the traces */
  readonly bucket_s: number;
  readonly traces: readonly Trace[];
  readonly happenings: readonly Happening[];
  readonly sums: Readonly<Record<string, number>>;
  /** what was taken for not there since nobody read it, in words; left out where a family knows of nothing */
  readonly unknown?: readonly string[];
  readonly seed: number;
  /** states on the way, an hour apart, from which a run can be taken up */
  readonly snapshots: readonly Snapshot[];
}

export interface RunOptions {
  /** share that is done, 0 to 1, a hundred times or less; an answer of false stops the run */
  readonly onProgress?: (share: number) => boolean;
  /** an earlier run that was the same up to a second: it is taken up at its last snapshot before that */
  readonly from?: { readonly run: BenchRun; readonly until_s: number };
}

/** A picture has no more points across: stretches of a short run. */
const SHORT_STRETCHES = 1000;
const SNAPSHOT_s = 3600;
/** More happenings than this say no more. */
const MOST_HAPPENINGS = 400;
const BUCKET_s: Record<Scenario['days'], number> = { 1: 60, 7: 300 };

/** Thrown when a run is cancelled on the way. */
export class RunCancelled extends Error {
  override readonly name = 'RunCancelled';
}

/** How a run is walked, all in steps. */
interface Pace {
  readonly steps: number;
  readonly perSecond: number;
  /** steps of each stretch of the traces */
  readonly bucket: number;
  readonly snapshot: number;
}

function paceOf(scenario: Scenario, perSecond = 1): Pace {
  const steps = secondsOf(scenario) * perSecond;
  const snapshot = SNAPSHOT_s * perSecond;
  if (scenario.short_s === undefined)
    return { steps, perSecond, bucket: BUCKET_s[scenario.days] * perSecond, snapshot };
  // stretches that fill the run: the finest of them that a picture can show
  let bucket = Math.ceil(steps / SHORT_STRETCHES);
  while (steps % bucket !== 0) bucket += 1;
  return { steps, perSecond, bucket, snapshot };
}

/**
 * Runs a simulated pump through a scenario, in the steps of its model. The same model and scenario give the same figures to
 * the last digit wherever they run.
 */
export function runBench<State extends Record<string, number>>(
  model: BenchModel<State>,
  scenario: Scenario,
  options: RunOptions = {},
): BenchRun {
  const { steps, perSecond, bucket: stretch, snapshot: snapshotEvery } = paceOf(scenario, model.steps_per_s);
  const buckets = steps / stretch;
  const width = model.channels.length;
  const mins = model.channels.map(() => new Float64Array(buckets).fill(Infinity));
  const maxs = model.channels.map(() => new Float64Array(buckets).fill(-Infinity));
  const means = model.channels.map(() => new Float64Array(buckets));
  const now = new Float64Array(width);
  const total = new Float64Array(width);
  // of the stretch that is being walked
  const least = new Float64Array(width).fill(Infinity);
  const most = new Float64Array(width).fill(-Infinity);
  const snapshots: Snapshot[] = [];
  const happenings: Happening[] = [];
  let state = model.init();
  let flags = 0;
  let start = 0;
  const resume = options.from && lastSnapshot(options.from.run, options.from.until_s);
  if (options.from && resume) {
    const before = options.from.run;
    start = resume.second * perSecond;
    state = { ...resume.state } as State;
    flags = resume.flags;
    snapshots.push(...before.snapshots.filter((snapshot) => snapshot.second < resume.second));
    happenings.push(...before.happenings.filter((happening) => happening.at_s < resume.second));
    before.traces.forEach((trace, c) => {
      mins[c].set(trace.min.slice(0, start / stretch));
      maxs[c].set(trace.max.slice(0, start / stretch));
      means[c].set(trace.mean.slice(0, start / stretch));
    });
  }
  const timeline = new Timeline(scenario, start / perSecond, Object.keys(model.events));
  const tell = (at_s: number, words: string) => {
    if (happenings.length < MOST_HAPPENINGS) happenings.push({ at_s, words });
  };
  const hear: Parameters<Timeline['at']>[1] = (change) =>
    tell(change.at_s, wordsOfChange(change, model.events));
  const reportEvery = Math.max(1, Math.floor(steps / 100));
  for (let step = start; step < steps; step++) {
    if (step % snapshotEvery === 0) snapshots.push({ second: step / perSecond, state: { ...state }, flags });
    const inputs = step % perSecond === 0 ? timeline.at(step / perSecond, hear) : timeline.within();
    model.step(state, inputs);
    model.read(state, inputs, now);
    for (let c = 0; c < width; c++) {
      const value = now[c];
      if (value < least[c]) least[c] = value;
      if (value > most[c]) most[c] = value;
      total[c] += value;
    }
    if ((step + 1) % stretch === 0) {
      const bucket = (step + 1) / stretch - 1;
      for (let c = 0; c < width; c++) {
        mins[c][bucket] = least[c];
        maxs[c][bucket] = most[c];
        means[c][bucket] = total[c] / stretch;
      }
      least.fill(Infinity);
      most.fill(-Infinity);
      total.fill(0);
    }
    const next = model.flagsOf(state);
    if (next !== flags) {
      tellFlags(model, flags, next, (words) => tell(step / perSecond, words));
      flags = next;
    }
    if (options.onProgress && step % reportEvery === 0 && !options.onProgress(step / steps)) {
      throw new RunCancelled('The run was cancelled.');
    }
  }
  return {
    seconds: steps / perSecond,
    bucket_s: stretch / perSecond,
    traces: model.channels.map((channel, c) => ({
      ...channel,
      min: Array.from(mins[c]),
      max: Array.from(maxs[c]),
      mean: Array.from(means[c]),
    })),
    happenings,
    sums: model.sums(state),
    seed: scenario.seed,
    snapshots,
  };
}

function tellFlags<State extends Record<string, number>>(
  model: BenchModel<State>,
  before: number,
  after: number,
  tell: (words: string) => void,
): void {
  model.flags.forEach((flag, bit) => {
    const holds = (after >> bit) & 1;
    if (holds === ((before >> bit) & 1)) return;
    const words = holds ? flag.begins : flag.ends;
    if (words) tell(words);
  });
}

/** The state of a run at a moment: taken up at its last snapshot and walked from there. */
export function stateAt<State extends Record<string, number>>(
  model: BenchModel<State>,
  scenario: Scenario,
  run: BenchRun,
  at_s: number,
): { readonly state: State; readonly inputs: BenchInputs } {
  const snapshot = lastSnapshot(run, at_s);
  const { perSecond } = paceOf(scenario, model.steps_per_s);
  const start = snapshot?.second ?? 0;
  const state = { ...(snapshot?.state ?? model.init()) } as State;
  const timeline = new Timeline(scenario, start, Object.keys(model.events));
  const last = Math.round(at_s * perSecond);
  for (let step = start * perSecond; step <= last; step++)
    model.step(state, step % perSecond === 0 ? timeline.at(step / perSecond) : timeline.within());
  return { state, inputs: timeline.inputs };
}

function lastSnapshot(run: BenchRun, until_s: number): Snapshot | undefined {
  return run.snapshots.filter((snapshot) => snapshot.second <= until_s).pop();
}
