import { driveFamily, holdsPressure } from '@barythm/core/families/drive';
import { PlanScreen, Still, useDuty, useMoved, usePlanned } from '../../../kit/plan';
import { useDrive } from '../use-drive';
import { PressureCard } from './pressure-card';
import { SharingCard } from './sharing-card';
import { TraceCard } from './trace-card';
import { driveWork } from './drive-work';
import { VesselCard } from './vessel-card';

/** Plan of a drive: its duty, what is held over the draw, who runs, the vessel, and a closer look at a start and a stop. */
export function DrivePlan() {
  const { view, jobId } = useDrive();
  const typed = useDuty(
    driveFamily.forms.duty,
    `drive-duty:${jobId}`,
    view.duty,
    driveFamily.forms.duty.blank,
  );
  const { byHand, setByHand, screen } = useMoved(jobId);
  const plan = usePlanned(driveFamily, view, typed.duty, byHand, driveWork);
  return (
    <PlanScreen
      typed={typed}
      {...plan}
      {...screen}
      then={(now, calm) =>
        holdsPressure(now.context.duty) && (
          <>
            <PressureCard work={now} byHand={byHand} onMove={setByHand} />
            <Still on={calm}>
              {() => (
                <>
                  {' '}
                  {calm.context.duty.pump.count > 1 && (
                    <SharingCard work={calm} onChoose={(way) => typed.choose('choices.sharing', way)} />
                  )}
                  {calm.context.duty.vessel && <VesselCard work={calm} />}
                  <TraceCard work={calm} />
                </>
              )}
            </Still>
          </>
        )
      }
    />
  );
}
