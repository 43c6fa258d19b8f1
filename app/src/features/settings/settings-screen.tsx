import { Screen } from '../../ui/screen/screen';
import { DeviceCard } from './device-card';
import { FirmCard } from './firm-card';
import { OwnNameCard } from './own-name-card';

/** How it looks here, in which units, who works, and for which firm. */
export function SettingsScreen() {
  return (
    <Screen title="Settings" over="Tools" back="/tools">
      <DeviceCard />
      <OwnNameCard />
      <FirmCard />
    </Screen>
  );
}
