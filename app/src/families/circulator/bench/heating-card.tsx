import { HEATING_DAYS, type HeatingDay } from '@barythm/core/families/circulator';
import { DaysChoice } from '../../../kit/bench';
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
      <DaysChoice days={draft.days} onChange={(days) => onChange({ ...draft, days })} />
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
