import { useEffect } from 'react';
import { useDraft } from '../../../draft/use-draft';
import { isStage, type StageKey } from '../../../kit/stages';

/** The stage of a job that was open last on this device; where it begins when none was. */
export function useLastStage(jobId: string): StageKey {
  const [last] = useDraft(`stage:${jobId}`);
  return last !== null && isStage(last) ? last : 'as-found';
}

/** Remembers which stage of a job is open. */
export function useRememberStage(jobId: string, stage: string): void {
  const [last, remember] = useDraft(`stage:${jobId}`);
  useEffect(() => {
    if (isStage(stage) && stage !== last) remember(stage);
  }, [stage, last, remember]);
}
