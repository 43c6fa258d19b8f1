import { AIRS, weatherOf, type Air, type SpaContext } from '@barythm/core/families/spa';
import { fig, figureWithUnit } from '@barythm/core/units';
import { DaysChoice } from '../../../kit/bench';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/fields/choice';
import { useReader } from '../../../ui/reader';
import type { AirDraft } from './air-draft';

const NAMES: Readonly<Record<Air, string>> = { usual: 'Usual', coldest: 'Coldest' };

/** The day or week that a tub is run through, and the air around it. */
export function AirCard({
  draft,
  context,
  onChange,
}: {
  draft: AirDraft;
  context: SpaContext;
  onChange: (draft: AirDraft) => void;
}) {
  const reader = useReader();
  const airSaid = (air: Air) => figureWithUnit(fig('temperature', weatherOf(context, air).air_C[0]), reader);
  return (
    <Card title="Day and air" testID="bench-air">
      <DaysChoice days={draft.days} onChange={(days) => onChange({ ...draft, days })} />
      <Choice
        label="Air, the same all day"
        testID="bench-air-is"
        options={AIRS.map((value) => ({ value, label: `${NAMES[value]}, ${airSaid(value)}` }))}
        value={draft.air}
        onChange={(air) => onChange({ ...draft, air: air as Air })}
      />
    </Card>
  );
}
