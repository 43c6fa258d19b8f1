import { HEATING_DAYS, type HeatingDay } from '@barythm/core/families/circulator';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/fields/choice';
import type { HeatingDraft } from './heating-draft';

/** The day or week that a circulator is run through. */
export function HeatingCard({
  draft,
  onChange,
}: {
  draft: HeatingDraft;
  onChange: (draft: HeatingDraft) => void;
}) {
  return (
    <Card title="Day and weather" testID="bench-weather">
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
        label="Weather, the same each day"
        testID="bench-weather-is"
        options={(Object.keys(HEATING_DAYS) as HeatingDay[]).map((value) => ({
          value,
          label: HEATING_DAYS[value].name,
        }))}
        value={draft.weather}
        onChange={(weather) => onChange({ ...draft, weather })}
      />
    </Card>
  );
}
