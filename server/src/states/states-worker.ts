import { parentPort } from 'node:worker_threads';
import type { PumpResource } from '@barythm/contract/resources';
import { keptOf } from '../register/kept';

/** Works pumps out one after another, away from the thread that answers. */
parentPort?.on('message', (pump: PumpResource) => parentPort?.postMessage({ done: keptOf(pump) }));
