import { parentPort } from 'node:worker_threads';
import { makePaper, type PaperOrder } from './orders';

/** Makes papers one after another, away from the thread that answers. */
parentPort?.on('message', (order: PaperOrder) => {
  makePaper(order).then(
    (done) => parentPort?.postMessage({ done }),
    (error: unknown) => parentPort?.postMessage({ error: String(error) }),
  );
});
