import { parentPort, workerData } from 'node:worker_threads';
import type { BenchRequest } from '@barythm/contract/bench';
import { benchSheet } from '@barythm/core/families/metering';

/** Runs the sheets of one request away from the thread that answers. */
const { duty, profile, plate, today, sheets, scenario } = workerData as BenchRequest;
const runs = sheets.map(({ name, values }) => {
  const context = { duty, profile, plate, today, inForce: values, signalFrom: null };
  const { snapshots: _, ...run } = benchSheet(context, values, scenario);
  return { name, ...run };
});
parentPort?.postMessage({ runs });
