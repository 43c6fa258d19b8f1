import { CalibrationCard } from './calibration-card';
import { ServicedCard } from './serviced-card';

/** Work on the wet end, and what a drawdown measures of it. */
export function WorkCards() {
  return (
    <>
      <ServicedCard />
      <CalibrationCard />
    </>
  );
}
