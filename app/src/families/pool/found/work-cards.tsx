import { ChecksCard } from '../../../features/job/prove/checks-card';
import { SaltCard } from './salt-card';
import { ValvesCard } from './valves-card';

/** Salt put in, and valves moved from the menu. */
export function WorkCards() {
  return (
    <>
      <SaltCard />
      <ValvesCard />
    </>
  );
}

/** The sensors, each against a reference instrument. */
export function SensorsCard() {
  return <ChecksCard title="Sensors against a reference" testID="sensors" only="sensor" />;
}
