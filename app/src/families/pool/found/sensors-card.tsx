import { ChecksCard } from '../../../kit/prove';

/** The sensors, each against a reference instrument. */
export function SensorsCard() {
  return <ChecksCard title="Sensors against a reference" testID="sensors" only="sensor" />;
}
