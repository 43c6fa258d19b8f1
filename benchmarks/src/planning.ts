import { planAndCheck, type MeteringContext } from '@barythm/core/families/metering';
import { viewJob, type JobDocument } from '@barythm/core/job';

/** Plans and checks one pump over and over for a while; answers how many a second. */
export function plansPerSecond(document: JobDocument, today: string, ms = 2000): number {
  const context = viewJob(document, today).context as MeteringContext;
  let runs = 0;
  const end = performance.now() + ms;
  while (performance.now() < end) {
    planAndCheck(context);
    runs += 1;
  }
  return (runs * 1000) / ms;
}
