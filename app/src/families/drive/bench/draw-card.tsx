import { DAY_SHAPES, type DayShape } from '@barythm/core/bench';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/fields/choice';
import { SHAPES, type DrawDraft } from './draw-draft';

const OWN = 'own';

/** The day or week of draws that a drive is run through. */
export function DrawCard({ draft, onChange }: { draft: DrawDraft; onChange: (draft: DrawDraft) => void }) {
  return (
    <Card title="Day and draw" testID="bench-draw">
      <Choice
        label="Over"
        testID="bench-days"
        options={[
          { value: '1', label: 'A day' },
          { value: '7', label: 'A week' },
        ]}
        value={String(draft.days)}
        onChange={(value) => onChange({ ...draft, days: value === '7' ? 7 : 1 })}
      />
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
