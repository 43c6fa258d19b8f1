import { parentPort, workerData } from 'node:worker_threads';
import type { BenchRequest } from '@barythm/contract/bench';
import { InputError } from '@barythm/core/input';
import { bareContext, benchSheet } from '@barythm/core/job';

/** Runs the sheets of one request away from the thread that answers. */
function answer(): unknown {
  const { sheets, scenario, ...pump } = workerData as BenchRequest;
  try {
    const runs = sheets.map(({ name, values }) => {
      const context = bareContext({ ...pump, inForce: values });
      const { snapshots: _, ...run } = benchSheet(context, values, scenario);
      return { name, ...run };
    });
    return { runs };
  } catch (error) {
    if (error instanceof InputError) return { refused: { field: error.field, words: error.message } };
    throw error;
  }
}

parentPort?.postMessage(answer());
