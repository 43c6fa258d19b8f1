import { transferFamily, type Control } from '@barythm/core/families/transfer';
import { PlanScreen, Still, useDuty, useMoved, usePlanned } from '../../../kit/plan';
import { useTransfer } from '../use-transfer';
import { ControlsCard } from './controls-card';
import { transferWork } from './transfer-work';
import { VesselCard } from './vessel-card';

/** Plan of a pump that empties a vessel: its duty, the vessel with its levels and speeds, and both controls on the same gulps. */
export function TransferPlan() {
  const { view, jobId } = useTransfer();
  const typed = useDuty(
    transferFamily.forms.duty,
    `transfer-duty:${jobId}`,
    view.duty,
    transferFamily.forms.duty.blank,
  );
  const { byHand, setByHand, putBack, screen } = useMoved(jobId);
  const plan = usePlanned(transferFamily, view, typed.duty, byHand, transferWork);
  return (
    <PlanScreen
      typed={typed}
      {...plan}
      {...screen}
      then={(now, calm) => (
        <>
          <VesselCard work={now} byHand={byHand} onMove={setByHand} />
          <Still on={calm}>
            {() => (
              <>
                {' '}
                <ControlsCard
                  work={calm}
                  onChoose={(control: Control) => {
                    // another control has other levels: what was moved by hand was meant for the one before
                    putBack();
                    typed.choose('choices.control', control);
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
