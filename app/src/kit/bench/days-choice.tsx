import type { BenchDraft } from './bench-draft';
import { Choice } from '../../ui/fields/choice';

/** A day or a week of the bench. */
export function DaysChoice({
  days,
  onChange,
}: {
  days: BenchDraft['days'];
  onChange: (days: BenchDraft['days']) => void;
}) {
  return (
    <Choice
      label="Over"
      testID="bench-days"
      options={[
        { value: '1', label: 'A day' },
        { value: '7', label: 'A week' },
      ]}
      value={String(days)}
      onChange={(value) => onChange(value === '7' ? 7 : 1)}
    />
  );
}
