import type { Control } from '@barythm/core/families/transfer';
import { useDraftOf } from '../../../draft/use-draft';
import { PlanScreen } from '../../../features/job/plan/plan-screen';
import { useDuty } from '../../../features/job/plan/use-duty';
import { NOTHING_MOVED, type ByHand } from '../../../features/job/plan/use-planned';
import { withText } from '../../../form/texts';
import { DUTY_FORM } from '../duty/duty-form';
import { useTransfer } from '../use-transfer';
import { ControlsCard } from './controls-card';
import { useTransferPlan } from './use-transfer-plan';
import { VesselCard } from './vessel-card';

/** Plan of a pump that empties a vessel: its duty, the vessel with its levels and speeds, and both controls on the same gulps. */
export function TransferPlan() {
  const { view, jobId } = useTransfer();
  const typed = useDuty(DUTY_FORM, `transfer-duty:${jobId}`, view.duty, DUTY_FORM.blank);
  const [byHand, setByHand] = useDraftOf<ByHand>(`hand:${jobId}`, NOTHING_MOVED);
  const { work, fault } = useTransferPlan(view, typed.duty, byHand);
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
          <VesselCard work={now} byHand={byHand} onMove={setByHand} />
          <ControlsCard
            work={calm}
            onChoose={(control: Control) => {
              // another control has other levels: what was moved by hand was meant for the one before
              setByHand(null);
              typed.change(withText(typed.texts, 'choices.control', control));
            }}
          />
        </>
      )}
    />
  );
}
