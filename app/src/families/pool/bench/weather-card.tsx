import { WEATHERS, type WeatherName } from '@barythm/core/families/pool';
import { DAY_NAMES } from '@barythm/core/time';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/fields/choice';
import type { WeatherDraft } from './weather-draft';

interface WeatherCardProps {
  readonly draft: WeatherDraft;
  readonly onChange: (draft: WeatherDraft) => void;
}

/** The day or week that a pool is run through: its weather, and the day it begins on. */
export function WeatherCard({ draft, onChange }: WeatherCardProps) {
  const change = (part: Partial<WeatherDraft>) => onChange({ ...draft, ...part });
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
        onChange={(value) => change({ days: value === '7' ? 7 : 1 })}
      />
      <Choice
        label="Begins on"
        testID="bench-start-day"
        options={DAY_NAMES.map((label, i) => ({ value: String(i + 1), label }))}
        value={String(draft.startDay)}
        onChange={(value) => change({ startDay: Number(value) })}
      />
      <Choice
        label="Weather, the same each day"
        testID="bench-weather-is"
        options={(Object.keys(WEATHERS) as WeatherName[]).map((value) => ({
          value,
          label: WEATHERS[value].name,
        }))}
        value={draft.weather}
        onChange={(weather) => change({ weather })}
      />
    </Card>
  );
}
