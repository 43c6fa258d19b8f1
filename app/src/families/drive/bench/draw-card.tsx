import { DAY_SHAPES, type DayShape } from '@barythm/core/bench';
import { DaysChoice } from '../../../kit/bench';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/fields/choice';
import { SHAPES, type DrawDraft } from './draw-draft';

const OWN = 'own';

/** The day or week of draws that a drive is run through. */
export function DrawCard({ draft, onChange }: { draft: DrawDraft; onChange: (draft: DrawDraft) => void }) {
  return (
    <Card title="Day and draw" testID="bench-draw">
      <DaysChoice days={draft.days} onChange={(days) => onChange({ ...draft, days })} />
      <Choice
        label="Drawn, the same each day"
        testID="bench-draw-is"
        options={[
          { value: OWN, label: 'As in the duty' },
          ...SHAPES.map((value) => ({ value, label: DAY_SHAPES[value].name })),
        ]}
        value={draft.shape ?? OWN}
        onChange={(value) => onChange({ ...draft, shape: value === OWN ? null : (value as DayShape) })}
      />
    </Card>
  );
}
