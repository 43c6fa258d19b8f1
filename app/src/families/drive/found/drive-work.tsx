import { ClosedValveCard } from './closed-valve-card';
import { PrechargeCard } from './precharge-card';
import { TurningCard } from './turning-card';
import { useDrive } from '../use-drive';

/** Work at the pump beside setting: direction, the vessel's gas, and the drive's own test. */
export function DriveWorkCards() {
  const { view } = useDrive();
  return (
    <>
      <TurningCard />
      {view.duty?.vessel && <PrechargeCard />}
      {view.profile.behaviours.closedValveTest && view.duty?.holds.kind === 'pressure' && <ClosedValveCard />}
    </>
  );
}
