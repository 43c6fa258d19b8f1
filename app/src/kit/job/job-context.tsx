import { isViewOf, type FamilyKinds, type FamilyName, type ViewOf } from '@barythm/core/families';
import type { JobView } from '@barythm/core/job';
import { createContext, useContext } from 'react';
import type { WriteToJob } from '../../api/use-job';
import type { StageKey } from '../stages';

/** What every stage works with. */
export interface JobScope {
  readonly view: JobView;
  readonly jobId: string;
  readonly write: WriteToJob;
  readonly go: (stage: StageKey) => void;
}

const JobContext = createContext<JobScope | null>(null);
export const JobProvider = JobContext.Provider;

export function useJobScope(): JobScope {
  const scope = useContext(JobContext);
  if (!scope) throw new Error('A stage stands outside of its job.');
  return scope;
}

/** The scope of a job on a pump of one family, for the parts of a stage that are of that family alone. */
export function useScopeOf<F extends FamilyName>(
  family: F,
): JobScope & { readonly view: JobView & ViewOf<FamilyKinds[F]> } {
  const scope = useJobScope();
  if (!isViewOf(family, scope.view)) throw new Error(`This part is for a ${family} pump.`);
  return { ...scope, view: scope.view };
}
