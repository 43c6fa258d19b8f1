import { Cell, ChoiceField, FormPart, FieldRow, TextField } from '../../../form/form';
import { textAt, type Texts } from '../../../form/tree';

/** Winters of the site, and what is done against frost. */
export function WinterPart({ texts }: { texts: Texts }) {
  const at = (path: string) => textAt(texts, path);
  return (
    <FormPart
      title="Winter"
      testID="part-winter"
      paths={['winter', 'frostNight']}
      summary={
        {
          '': 'Not said: what guards against frost is left as it is.',
          none: 'No frost comes.',
          light: 'Light frosts.',
          hard: 'Hard winters: drain down.',
        }[String(at('winter'))] ?? ''
      }
    >
      <ChoiceField
        path="winter"
        label="Winters are"
        options={[
          { value: 'none', label: 'Free of frost' },
          { value: 'light', label: 'Light' },
          { value: 'hard', label: 'Hard' },
        ]}
      />
      <ChoiceField
        path="choices.frost"
        label="Against frost"
        hint="Low speed is enough to move water; it does not protect against a power cut"
        options={[
          { value: 'move-water', label: 'Move the water slowly' },
          { value: 'full-speed', label: 'Full speed' },
          { value: 'drive-only', label: 'The drive alone' },
          { value: 'drain', label: 'Drain down' },
        ]}
      />
      <FieldRow>
        <Cell>
          <TextField
            path="frostNight.hours"
            label="A frosty night has"
            quantity="hours"
            hint="Below the guard’s temperature"
          />
        </Cell>
        <Cell>
          <TextField path="frostNight.perYear" label="Such nights a year" />
        </Cell>
      </FieldRow>
    </FormPart>
  );
}
