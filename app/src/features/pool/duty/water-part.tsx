import { Cell, ChoiceField, FormPart, FieldRow, RowsField, TextField } from '../../../form/form';
import { namesAt, rowsAt, textAt, type Texts } from '../../../form/tree';

const SHAPES = [
  { value: 'rectangle', label: 'Rectangle' },
  { value: 'oval', label: 'Oval' },
  { value: 'round', label: 'Round' },
  { value: 'kidney', label: 'Kidney' },
] as const;
const BODIES = [
  { value: 'pool', label: 'Pool' },
  { value: 'tub', label: 'Tub' },
] as const;

/** Bodies of water, their shapes and turnover. */
export function WaterPart({ texts }: { texts: Texts }) {
  return (
    <FormPart
      title="Water"
      testID="part-water"
      paths={['bodies', 'water_C']}
      summary={`${namesAt(texts, 'bodies')}, turned over ${rowsAt(texts, 'bodies')
        .map((body) => String(textAt(body, 'turnoversPerDay')))
        .join(' and ')} times a day.`}
    >
      <RowsField
        path="bodies"
        least={1}
        add="Add a body of water"
        blank={{
          name: '',
          kind: 'tub',
          shapes: [{ shape: 'round', length_m: '', width_m: '' }],
          depth_m: '',
          turnoversPerDay: '',
        }}
      >
        {(path) => (
          <>
            <TextField words path={`${path}.name`} label="Name" />
            <ChoiceField path={`${path}.kind`} label="Kind" options={BODIES} />
            <RowsField
              path={`${path}.shapes`}
              least={1}
              add="Add a shape"
              blank={{ shape: 'rectangle', length_m: '', width_m: '' }}
            >
              {(shape) => {
                const kind = textAt(texts, `${shape}.shape`);
                const round = kind === 'round';
                return (
                  <>
                    <ChoiceField path={`${shape}.shape`} label="Shape" options={SHAPES} />
                    <FieldRow>
                      <Cell>
                        <TextField path={`${shape}.length_m`} label={round ? 'Across' : 'Length'} unit="m" />
                      </Cell>
                      {!round && (
                        <Cell>
                          <TextField
                            path={`${shape}.width_m`}
                            label={kind === 'kidney' ? 'Both widths added' : 'Width'}
                            unit="m"
                          />
                        </Cell>
                      )}
                    </FieldRow>
                  </>
                );
              }}
            </RowsField>
            <FieldRow>
              <Cell>
                <TextField path={`${path}.depth_m`} label="Mean depth" unit="m" />
              </Cell>
              <Cell>
                <TextField
                  path={`${path}.turnoversPerDay`}
                  label="Turnovers a day"
                  hint="By local code or operator"
                />
              </Cell>
            </FieldRow>
          </>
        )}
      </RowsField>
      <TextField path="water_C" label="Water now" unit="°C" />
    </FormPart>
  );
}
