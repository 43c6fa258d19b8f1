import { useDraftOf } from '../../../draft/use-draft';
import { PlanScreen } from '../../../features/job/plan/plan-screen';
import { useDuty } from '../../../features/job/plan/use-duty';
import { NOTHING_MOVED, type ByHand } from '../../../features/job/plan/use-planned';
import { withText } from '../../../form/texts';
import { DUTY_FORM } from '../duty/duty-form';
import { useCirculator } from '../use-circulator';
import { ModesCard } from './modes-card';
import { PumpCard } from './pump-card';
import { useCirculatorPlan } from './use-circulator-plan';
import { TwinCard } from './twin-card';
import { VoltsCard } from './volts-card';

/** Plan of a circulator: its duty, the line on the pump's curve, and what each mode takes in a year. */
export function CirculatorPlan() {
  const { view, jobId } = useCirculator();
  const typed = useDuty(DUTY_FORM, `circulator-duty:${jobId}`, view.duty, DUTY_FORM.blank);
  const [byHand, setByHand] = useDraftOf<ByHand>(`hand:${jobId}`, NOTHING_MOVED);
  const { work, fault } = useCirculatorPlan(view, typed.duty, byHand);
  const moved = Object.keys(byHand).length > 0;
  return (
    <PlanScreen
      typed={typed}
      work={work}
      fault={fault}
      waitsFor="The plan"
      onReset={moved ? () => setByHand(null) : null}
      onAgreed={() => setByHand(null)}
      then={(now, calm) => (
        <>
          <PumpCard work={now} byHand={byHand} onMove={setByHand} />
          {now.context.duty.control.kind === 'volts' && <VoltsCard work={now} />}
          {calm.context.duty.twin && (
            <TwinCard
              work={calm}
              onChoose={(way) => typed.change(withText(typed.texts, 'choices.twin', way))}
            />
          )}
          <ModesCard
            work={calm}
            onChoose={(mode) => {
              // another mode has another figure: what was moved by hand was meant for the one before
              setByHand(null);
              typed.change(withText(typed.texts, 'choices.mode', mode));
            }}
          />
        </>
      )}
    />
  );
}
