import { CIRCUIT_KINDS } from '@barythm/core/families/pool';
import { Cell, CheckField, ChoiceField, FormPart, FieldRow, RowsField, TextField } from '../../../form/form';
import { namesAt, type Texts } from '../../../form/tree';

const KIND_WORDS: Record<(typeof CIRCUIT_KINDS)[number], string> = {
  filter: 'Filter',
  spa: 'Spa',
  cleaner: 'Cleaner',
  feature: 'Water feature',
  heater: 'Heater',
  solar: 'Roof solar',
  chlorinator: 'Chlorinator',
  'no-water': 'No water (lights, an outlet)',
  own: 'The site’s own',
};

/** The circuits that the pump serves, and the least flow of each. */
export function CircuitsPart({ texts }: { texts: Texts }) {
  return (
    <FormPart
      title="Circuits"
      testID="part-circuits"
      paths={['circuits']}
      summary={`${namesAt(texts, 'circuits')}.`}
    >
      <RowsField
        path="circuits"
        least={1}
        add="Add a circuit"
        blank={{ name: '', kind: 'own', leastFlow_m3h: '', static_m: '', exposed: 'no', place: '' }}
      >
        {(path) => (
          <>
            <TextField words path={`${path}.name`} label="Name, as the site calls it" />
            <ChoiceField
              path={`${path}.kind`}
              label="Kind"
              options={CIRCUIT_KINDS.map((value) => ({ value, label: KIND_WORDS[value] }))}
            />
            <FieldRow>
              <Cell>
                <TextField path={`${path}.leastFlow_m3h`} label="Least flow" quantity="waterFlow" />
              </Cell>
              <Cell>
                <TextField
                  path={`${path}.static_m`}
                  label="Lifts water by"
                  quantity="length"
                  hint="Of a roof; else blank"
                />
              </Cell>
              <Cell>
                <TextField path={`${path}.place`} label="Place in the panel" hint="Blank without a panel" />
              </Cell>
            </FieldRow>
            <CheckField path={`${path}.exposed`} label="Its pipes stand in the frost" />
          </>
        )}
      </RowsField>
    </FormPart>
  );
}
