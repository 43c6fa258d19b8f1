import { Card } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { setAppearance, useAppearance } from '../../ui/appearance';
import { setUnitsWanted, useUnitsWanted } from '../../ui/reader';

/** What is chosen for this device alone: how it looks, and in which units figures are shown. */
export function DeviceCard() {
  const units = useUnitsWanted();
  const appearance = useAppearance();
  return (
    <Card title="On this device" testID="device-settings">
      <Choice
        label="Appearance"
        testID="appearance"
        options={[
          { value: 'device', label: 'As the device' },
          { value: 'light', label: 'Light' },
          { value: 'dark', label: 'Dark' },
        ]}
        value={appearance}
        hint="Light is easier to read in the sun, dark at night in a plant room."
        onChange={setAppearance}
      />
      <Choice
        label="Figures are shown in"
        testID="units-choice"
        options={[
          { value: 'metric', label: 'Metric' },
          { value: 'us', label: 'US' },
          { value: 'both', label: 'Both' },
        ]}
        value={units}
        hint="A figure is typed in the unit beside it, or with its own behind it; papers keep the units in which they are signed."
        onChange={setUnitsWanted}
      />
    </Card>
  );
}
