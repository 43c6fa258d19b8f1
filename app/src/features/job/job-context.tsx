import type { JobCommandBody, JobView } from '@barythm/core/job';
import { createContext, useContext } from 'react';
import type { StageKey } from './stages';

/** What every stage works with. */
export interface JobScope {
  readonly view: JobView;
  readonly jobId: string;
  /** queues a write, or answers in words why the job does not allow it */
  readonly write: (body: JobCommandBody) => string | null;
  readonly go: (stage: StageKey) => void;
}

const JobContext = createContext<JobScope | null>(null);
export const JobProvider = JobContext.Provider;

export function useJobScope(): JobScope {
  const scope = useContext(JobContext);
  if (!scope) throw new Error('A stage stands outside of its job.');
  return scope;
}
