import type { BenchRun } from '@barythm/core/bench';
import { benchSheet } from '@barythm/core/job';
import type { FromBench, ShownRun, ToBench } from './bench-messages';
import { familyOf } from '@barythm/core/families';
import type { SettingValues } from '@barythm/core/profile';

interface Held {
  readonly name: string;
  readonly values: SettingValues;
  readonly run: BenchRun;
}

let held: readonly Held[] = [];
let heldFor: Pick<Extract<ToBench, { kind: 'run' }>, 'context' | 'scenario'> | null = null;

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

function run({ id, context, sheets, scenario, sameUntil_s }: Extract<ToBench, { kind: 'run' }>): void {
  const before = held;
  held = sheets.map(({ name, values }, i) => {
    const onProgress = (share: number) => {
      scope.postMessage({ kind: 'progress', id, share: (i + share) / sheets.length });
      return true;
    };
    const from = sameUntil_s !== null && before[i] ? { run: before[i].run, until_s: sameUntil_s } : undefined;
    return { name, values, run: benchSheet(context, values, scenario, { onProgress, from }) };
  });
  heldFor = { context, scenario };
  const runs = held.map(({ name, run: { snapshots: _, ...shown } }): ShownRun => ({ name, ...shown }));
  scope.postMessage({ kind: 'runs', id, runs });
}

/** Pressure over one stroke of each sheet at a chosen moment. */
function strokes(id: number, at_s: number): void {
  if (!heldFor) return;
  const { context, scenario } = heldFor;
  const { bench } = familyOf(context.profile.family);
  scope.postMessage({
    kind: 'strokes',
    id,
    strokes: held.flatMap(({ name, values, run: done }) =>
      bench.stroke ? [{ name, ...bench.stroke(context, values, scenario, done, at_s) }] : [],
    ),
  });
}
