import { stateAt, type BenchRun, type Scenario } from '@barythm/core/bench';
import { benchPlant, meteringModel, strokeTrace, understand } from '@barythm/core/families/metering';
import { benchSheet } from '@barythm/core/job';
import type { FromBench, ShownRun, ToBench } from './bench-messages';
import { isContextOf } from '@barythm/core/families';

interface Held {
  readonly name: string;
  /** of a metering pump, for a look at one stroke */
  readonly plant: ReturnType<typeof benchPlant> | null;
  readonly run: BenchRun;
}

let held: readonly Held[] = [];
let scenario: Scenario | null = null;

const scope = self as unknown as {
  onmessage: ((event: { data: ToBench }) => void) | null;
  postMessage: (message: FromBench) => void;
};

scope.onmessage = ({ data }) => {
  try {
    if (data.kind === 'run') run(data);
    else strokes(data.id, data.at_s);
  } catch (error) {
    scope.postMessage({ kind: 'failed', id: data.id, words: (error as Error).message });
  }
};

function run({ id, context, sheets, scenario: next, sameUntil_s }: Extract<ToBench, { kind: 'run' }>): void {
  const before = held;
  held = sheets.map(({ name, values }, i) => {
    const plant = isContextOf('pool', context)
      ? null
      : benchPlant(context, understand(context.profile, context.plate, values));
    const onProgress = (share: number) => {
      scope.postMessage({ kind: 'progress', id, share: (i + share) / sheets.length });
      return true;
    };
    const from = sameUntil_s !== null && before[i] ? { run: before[i].run, until_s: sameUntil_s } : undefined;
    return { name, plant, run: benchSheet(context, values, next, { onProgress, from }) };
  });
  scenario = next;
  const runs = held.map(({ name, run: { snapshots: _, ...shown } }): ShownRun => ({ name, ...shown }));
  scope.postMessage({ kind: 'runs', id, runs });
}

/** Pressure over one stroke of each sheet at a chosen moment. */
function strokes(id: number, at_s: number): void {
  const day = scenario;
  if (!day) return;
  scope.postMessage({
    kind: 'strokes',
    id,
    strokes: held.flatMap(({ name, plant, run: done }) => {
      if (!plant) return [];
      const { state } = stateAt(meteringModel(plant), day, done, at_s);
      return [{ name, trace: strokeTrace(plant, state), gas_mL: state.gas_mL }];
    }),
  });
}
