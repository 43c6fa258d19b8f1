import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo } from 'react';
import { useJob } from '../../api/use-job';
import { Screen } from '../../ui/screen/screen';
import { Empty, Failed, Loading } from '../../ui/screen/states';
import { AsFoundStage } from './as-found/as-found-stage';
import { HandOverStage } from './hand-over/hand-over-stage';
import { JobProvider, type JobScope } from '../../kit/job';
import { isStage, type StageKey } from '../../kit/stages';
import { PlanStage } from './plan/plan-stage';
import { ProveStage } from './prove/prove-stage';
import { SetStage } from './set/set-stage';
import { useRememberStage } from './stage/last-stage';
import { useAwake } from './use-awake';

const BODY: Record<StageKey, () => React.ReactNode> = {
  'as-found': AsFoundStage,
  plan: PlanStage,
  set: SetStage,
  prove: ProveStage,
  'hand-over': HandOverStage,
};

/** One job in its five stages. */
export function JobScreen() {
  const { id, stage } = useLocalSearchParams<{ id: string; stage: string }>();
  const router = useRouter();
  const { view, isLoading, error, refetch, write } = useJob(id);
  useAwake();
  useRememberStage(id, stage);
  const scope = useMemo<JobScope | null>(
    () => view && { view, jobId: id, write, go: (next) => router.navigate(`/job/${id}/${next}`) },
    [view, id, write, router],
  );
  if (isLoading) {
    return (
      <Screen title="Job" over="Round" back="/">
        <Loading what="the job" />
      </Screen>
    );
  }
  if (!scope) {
    return (
      <Screen title="Job" over="Round" back="/">
        <Failed error={error ?? new Error('No answer.')} onRetry={refetch} />
      </Screen>
    );
  }
  if (!isStage(stage)) {
    return (
      <Screen title="Job" over="Round" back="/">
        <Empty title="No such stage" todo="Go back to the round and open the job there." />
      </Screen>
    );
  }
  const Body = BODY[stage];
  return (
    <JobProvider value={scope}>
      <Body key={stage} />
    </JobProvider>
  );
}
