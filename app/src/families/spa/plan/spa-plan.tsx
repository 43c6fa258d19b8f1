import type { HeaterRule } from '@barythm/core/electric';
import { spaFamily } from '@barythm/core/families/spa';
import { addressOf, parameterWithRole } from '@barythm/core/profile';
import { PlanScreen, Still, useDuty, useMoved, usePlanned, type ByHand } from '../../../kit/plan';
import { useSpa } from '../use-spa';
import { BankCard } from './bank-card';
import { CyclesCard } from './cycles-card';
import { EquipmentCard } from './equipment-card';
import { LoadCard } from './load-card';
import { MatchCard } from './match-card';
import { spaWork } from './spa-work';
import { WarmCard } from './warm-card';

/** Plan of a pack: what is connected, its row, what that takes, how it warms, and when it filters. */
export function SpaPlan() {
  const { view, jobId } = useSpa();
  const typed = useDuty(spaFamily.forms.duty, `spa-duty:${jobId}`, view.duty, spaFamily.forms.duty.blank);
  const { byHand, setByHand, screen } = useMoved(jobId);
  const plan = usePlanned(spaFamily, view, typed.duty, byHand, spaWork);
  const number = parameterWithRole(view.profile, 'number');
  const chooseRule = (rule: HeaterRule) => {
    // a row that was chosen by hand was meant for another rule
    if (number) setByHand((now) => without(now, addressOf(number)));
    typed.choose('choices.rule', rule);
  };
  return (
    <PlanScreen
      typed={typed}
      {...plan}
      {...screen}
      then={(now, calm) => (
        <>
          <Still on={calm}>
            {() => (
              <>
                {' '}
                <MatchCard
                  work={calm}
                  onChoose={(value) => number && setByHand((now) => ({ ...now, [addressOf(number)]: value }))}
                />
                <EquipmentCard work={calm} />
                <BankCard work={calm} />
                <LoadCard work={calm} onChoose={chooseRule} />
              </>
            )}
          </Still>
          <WarmCard work={now} byHand={byHand} onMove={setByHand} />
          <CyclesCard work={now} byHand={byHand} onMove={setByHand} />
        </>
      )}
    />
  );
}

function without(byHand: ByHand, address: string): ByHand {
  return Object.fromEntries(Object.entries(byHand).filter(([key]) => key !== address));
}
