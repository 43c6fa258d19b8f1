import type { AnyJob } from './document';

/** Whether a job is about the settings alone that somebody chose: until a plan is accepted, which makes it a whole one. */
export function isSmall({ job, plans }: Pick<AnyJob, 'job' | 'plans'>): boolean {
  return job.small === true && plans.length === 0;
}
