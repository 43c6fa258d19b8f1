import { poolFamily } from '@barythm/core/families/pool';
import type { WantedProgram } from '@barythm/core/families/pool';
import { useMemo } from 'react';
import { useDraftOf } from '../../../draft/use-draft';
import { PlanScreen, Still, useDuty } from '../../../kit/plan';
import { CheapestCard } from '../cheapest/cheapest-card';
import { usePool } from '../use-pool';
import { CostCard } from './cost-card';
import { PowerCard } from './power-card';
import { ProgramsCard } from './programs-card';
import { RoofCard } from './roof-card';
import { usePoolPlan } from './use-pool-plan';
import { WinterCard } from './winter-card';

/** Programs as they were moved by hand or found by the search; null while they are worked out. */
interface Programs {
  readonly list: readonly WantedProgram[] | null;
}

/** Plan of a pool pump: the week on its timeline first, then what it costs, and the duty that it comes from. */
export function PoolPlan() {
  const { view, jobId } = usePool();
  const agreed = useMemo<Programs>(() => ({ list: view.duty?.programs ?? null }), [view.duty]);
  const [programs, setPrograms] = useDraftOf<Programs>(`pool-programs:${jobId}`, agreed);
  const more = useMemo(() => ({ programs: programs.list }), [programs]);
  const typed = useDuty(
    poolFamily.forms.duty,
    `pool-duty:${jobId}`,
    view.duty,
    poolFamily.forms.duty.blank,
    more,
  );
  const { work, fault } = usePoolPlan(view, typed.duty);
  const move = (list: readonly WantedProgram[] | null) => setPrograms({ list });
  return (
    <PlanScreen
      typed={typed}
      work={work}
      fault={fault}
      waitsFor="The week"
      onReset={null}
      onAgreed={() => setPrograms(null)}
      first={(now) => (
        <>
          <ProgramsCard work={now} moved={programs.list !== null} onMove={move} />
          <CostCard work={now} />
          {/* under another master its own programs are not what runs: there is nothing to make cheaper */}
          {now.context.duty.command === 'own' && (
            <CheapestCard
              context={now.context}
              plannedMonth={now.weeks.target?.sums.costMonth ?? null}
              onTake={move}
            />
          )}
        </>
      )}
      then={(_, calm) => (
        <>
          <Still on={calm}>
            {() => (
              <>
                {' '}
                <PowerCard work={calm} />
                <RoofCard context={calm.context} />
                <WinterCard work={calm} />
              </>
            )}
          </Still>
        </>
      )}
    />
  );
}
