import type { AnyJob } from './document';
import { lastRecord } from './records';

/** The plate as it was read on this job, else as it is kept of the unit. */
export function plateOf<Job extends AnyJob>(document: Job): Job['unit']['plate'] {
  const read = lastRecord<AnyJob['records'][number]['body'], 'identify'>(document, 'identify');
  return read?.body.plate ?? document.unit.plate;
}
