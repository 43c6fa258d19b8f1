import { TOOLS } from '@barythm/core/tools';
import { useRouter } from 'expo-router';
import { Card, LinkCard } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { setUnitsWanted, useUnitsWanted } from '../../ui/reader';
import { Screen } from '../../ui/screen/screen';
import { Words } from '../../ui/words/words';

/** The calculators by themselves, without a pump. */
export function ToolsScreen() {
  const router = useRouter();
  return (
    <Screen title="Tools">
      <Words>Calculators for the pocket: no pump needed, nothing is saved to a job.</Words>
      <LinkCard label="Bench" testID="tool-bench" edge="petrol" onPress={() => router.navigate('/bench')}>
        <Words bold size="large">
          Bench
        </Words>
        <Words>A simulated pump and plant: run any settings through a day, and throw faults in.</Words>
      </LinkCard>
      {Object.values(TOOLS).map((tool) => (
        <LinkCard
          key={tool.id}
          label={tool.name}
          testID={`tool-${tool.id}`}
          onPress={() => router.navigate(`/tools/${tool.id}`)}
        >
          <Words bold size="large">
            {tool.name}
          </Words>
          <Words>{tool.about}</Words>
        </LinkCard>
      ))}
      <UnitsChoice />
    </Screen>
  );
}

/** Metric, US or both: a choice of this device. Fields stay metric, with the other beside them. */
function UnitsChoice() {
  const wanted = useUnitsWanted();
  return (
    <Card title="Units shown" testID="units-wanted">
      <Choice
        label="Figures are shown in"
        testID="units-choice"
        options={[
          { value: 'metric', label: 'Metric' },
          { value: 'us', label: 'US' },
          { value: 'both', label: 'Both' },
        ]}
        value={wanted}
        hint="On this device. Fields take metric figures, or any unit typed behind the figure; papers are metric."
        onChange={setUnitsWanted}
      />
    </Card>
  );
}
