import { namedGear } from '@barythm/core/families/metering';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Words } from '../../../ui/words/words';
import type { PlanWork } from './use-plan';

/** Another gear than is fitted is work for the workshop: the plan can be made with the one that is there instead. */
export function GearCard({ work, onChoose }: { work: PlanWork; onChoose: (gear: 'fitted' | '') => void }) {
  const { profile, plate, inForce, duty } = work.context;
  const fitted = plate.gear ?? namedGear(profile, plate, inForce);
  const planned = namedGear(profile, plate, work.values);
  if (fitted === null || planned === null) return null;
  const kept = duty.choices.gear === 'fitted';
  if (!kept && planned === fitted) return null;
  return (
    <Card title="Gear" edge={kept ? undefined : 'ochre'} testID="gear-card">
      <Words>
        {kept
          ? `The plan keeps gear ${fitted}, which is fitted. What that leaves short stands among the findings.`
          : `The plan needs gear ${planned}; gear ${fitted} is fitted. Another gear is fitted in the workshop, by the maker’s manual.`}
      </Words>
      {kept ? (
        <Button kind="quiet" label="Plan with any gear" testID="gear-any" onPress={() => onChoose('')} />
      ) : (
        <Button
          label={`Plan with gear ${fitted} as fitted`}
          testID="gear-keep"
          onPress={() => onChoose('fitted')}
        />
      )}
    </Card>
  );
}
