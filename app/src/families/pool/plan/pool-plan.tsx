import type { PoolDuty, WantedProgram } from '@barythm/core/families/pool';
import { useDeferredValue, useMemo, useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Card } from '../../../ui/card';
import { useWide } from '../../../ui/screen/layout';
import { Words } from '../../../ui/words/words';
import { PlanFindings, PlanFrame } from '../../../features/job/plan/plan-frame';
import { TargetList } from '../../../features/job/plan/target-list';
import { BLANK_POOL, poolTexts, readPoolDuty } from '../duty/duty-tree';
import { FormProvider } from '../../../form/form';
import type { Texts } from '../../../form/tree';
import { CheapestCard } from '../cheapest/cheapest-card';
import { CostCard } from './cost-card';
import { DutyParts } from '../duty/duty-parts';
import { PowerCard } from './power-card';
import { ProgramsCard } from './programs-card';
import { RoofCard } from './roof-card';
import { usePoolPlan } from './use-pool-plan';
import { WinterCard } from './winter-card';
import { usePool } from '../use-pool';

/** Programs as they were moved by hand or found by the search; null while they are worked out. */
interface Programs {
  readonly list: readonly WantedProgram[] | null;
}

/** Plan of a pool pump: the duty, the week on its timeline, what it costs, what is wrong. */
export function PoolPlan() {
  const { view, jobId, write, go } = usePool();
  const wide = useWide();
  const initial = useMemo(() => (view.duty ? poolTexts(view.duty) : BLANK_POOL), [view.duty]);
  const [texts, setTexts] = useDraftOf<Texts>(`pool-duty:${jobId}`, initial);
  const agreed = useMemo<Programs>(() => ({ list: view.duty?.programs ?? null }), [view.duty]);
  const [programs, setPrograms] = useDraftOf<Programs>(`pool-programs:${jobId}`, agreed);
  const { duty, errors } = useMemo(
    () => readPoolDuty(texts, programs.list as PoolDuty['programs']),
    [texts, programs],
  );
  const [tried, setTried] = useState(false);
  const { work, fault } = usePoolPlan(view, duty);
  // a moved program is drawn at once; what only follows from it may come a frame later
  const calm = useDeferredValue(work);

  const agree = () => {
    if (!duty || !work) return;
    const refused = write({
      kind: 'plan.accept',
      jobId,
      planId: newId(),
      duty,
      targets: work.targets.map((target) => ({ ...target, entryId: newId() })),
    });
    if (refused === null) {
      setTexts(null);
      setPrograms(null);
      go('set');
    }
  };
  const move = (list: readonly WantedProgram[] | null) => setPrograms({ list });
  const targets = calm && (
    <TargetList profile={view.profile} targets={calm.targets} before={calm.before} onReset={null} />
  );
  const findings = calm && (
    <PlanFindings target={calm.findings.target} found={calm.before ? calm.findings.found : null} />
  );
  return (
    <PlanFrame
      ready={Boolean(work)}
      missing={Object.keys(errors).length}
      onMissing={() => setTried(true)}
      onAgree={agree}
      aside={
        <>
          {findings}
          {targets}
        </>
      }
    >
      {work && (
        <>
          <ProgramsCard work={work} moved={programs.list !== null} onMove={move} />
          <CostCard work={work} />
          <CheapestCard
            context={work.context}
            plannedMonth={work.target?.sums.costMonth ?? null}
            onTake={move}
          />
          {!wide && findings}
        </>
      )}
      {!work && (
        <Card edge="ochre">
          <Words bold>The week appears as soon as the duty is complete.</Words>
          <Words>What is missing or wrong is said at its field below.</Words>
        </Card>
      )}
      <FormProvider value={{ texts, errors, change: setTexts, name: 'duty', tried }}>
        <DutyParts texts={texts} fault={fault} />
      </FormProvider>
      {calm && (
        <>
          <PowerCard work={calm} />
          <RoofCard context={calm.context} />
          <WinterCard work={calm} />
          {!wide && targets}
        </>
      )}
    </PlanFrame>
  );
}
