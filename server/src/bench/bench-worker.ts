import { parentPort, workerData } from 'node:worker_threads';
import type { BenchRequest } from '@barythm/contract/bench';
import { bareContext, benchSheet } from '@barythm/core/job';

/** Runs the sheets of one request away from the thread that answers. */
const { sheets, scenario, ...pump } = workerData as BenchRequest;
const runs = sheets.map(({ name, values }) => {
  const context = bareContext({ ...pump, inForce: values });
  const { snapshots: _, ...run } = benchSheet(context, values, scenario);
  return { name, ...run };
});
parentPort?.postMessage({ runs });
