import { viewJob, workOrder } from '@barythm/core/job';
import type { JobDocument } from '@barythm/core/families';
import { inWordsFor, type UnitsWanted } from '@barythm/core/units';
import type { FirmHead } from './firm-head';
import { paintList } from './list-paper';
import { finish, footers, newDocument } from './paper';

const SIZE = 9.5;

/** The sheet of a job that is taken along before anything is done: plan and order of work, with boxes to tick. */
export function workOrderPdf(
  document: JobDocument,
  today: string,
  createdAt: string,
  units: UnitsWanted,
  firm: FirmHead | null = null,
): Promise<Buffer> {
  const { site, pump, job, profile } = document;
  const pdf = newDocument(`Work order ${pump.tag}, ${job.plannedFor}`, createdAt);
  inWordsFor(units, () => paintList(pdf, workOrder(viewJob(document, today)), SIZE, firm));
  footers(
    pdf,
    [site.name, pump.tag, `job ${job.id}`, `profile ${profile.id} v${profile.version}`].join('  ·  '),
  );
  return finish(pdf);
}
