import { circulatorFamily } from '@barythm/core/families/circulator';
import { PlanScreen, Still, useDuty, useMoved, usePlanned } from '../../../kit/plan';
import { useCirculator } from '../use-circulator';
import { ModesCard } from './modes-card';
import { PumpCard } from './pump-card';
import { circulatorWork } from './circulator-work';
import { TwinCard } from './twin-card';
import { VoltsCard } from './volts-card';

/** Plan of a circulator: its duty, the line on the pump's curve, and what each mode takes in a year. */
export function CirculatorPlan() {
  const { view, jobId } = useCirculator();
  const typed = useDuty(
    circulatorFamily.forms.duty,
    `circulator-duty:${jobId}`,
    view.duty,
    circulatorFamily.forms.duty.blank,
  );
  const { byHand, setByHand, putBack, screen } = useMoved(jobId);
  const plan = usePlanned(circulatorFamily, view, typed.duty, byHand, circulatorWork);
  return (
    <PlanScreen
      typed={typed}
      {...plan}
      {...screen}
      then={(now, calm) => (
        <>
          <PumpCard work={now} byHand={byHand} onMove={setByHand} />
          {now.context.duty.control.kind === 'volts' && <VoltsCard work={now} />}
          <Still on={calm}>
            {() => (
              <>
                {' '}
                {calm.context.duty.twin && (
                  <TwinCard work={calm} onChoose={(way) => typed.choose('choices.twin', way)} />
                )}
                <ModesCard
                  work={calm}
                  onChoose={(mode) => {
                    // another mode has another figure: what was moved by hand was meant for the one before
                    putBack();
                    typed.choose('choices.mode', mode);
                  }}
                />
              </>
            )}
          </Still>
        </>
      )}
    />
  );
}
