import type { Plate } from '../families';
import type { JobDocument } from './document';
import { lastRecord } from './records';

/** The plate as it was read on this job, else as it is kept of the unit. */
export function plateOf(document: JobDocument): Plate {
  return lastRecord(document, 'identify')?.body.plate ?? document.unit.plate;
}
