import { volume_m3 } from '@barythm/core/hydraulics';
import { fig, figureWithUnit, type Reader } from '@barythm/core/units';
import { Cell, ChoiceField, FormPart, FieldRow, RowsField, SetField, TextField } from '../../../form/form';
import { namesList, rowsAt, textAt, type Texts } from '../../../form/tree';
import { useReader } from '../../../ui/reader';
import { readBody } from './duty-tree';

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
  const reader = useReader();
  // A tub turned over by the pool's filter is no tub turned over: with several waters each names its own circuits.
  const circuits = namesList(texts, 'circuits');
  const several = rowsAt(texts, 'bodies').length > 1 && circuits.length > 1;
  return (
    <FormPart
      title="Water"
      testID="part-water"
      paths={['bodies', 'water_C']}
      summary={rowsAt(texts, 'bodies')
        .map((body) => lineOf(body, reader))
        .join(' ')}
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
                        <TextField
                          path={`${shape}.length_m`}
                          label={round ? 'Across' : 'Length'}
                          quantity="length"
                        />
                      </Cell>
                      {!round && (
                        <Cell>
                          <TextField
                            path={`${shape}.width_m`}
                            label={kind === 'kidney' ? 'Both widths added' : 'Width'}
                            quantity="length"
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
                <TextField path={`${path}.depth_m`} label="Mean depth" quantity="length" />
              </Cell>
              <Cell>
                <TextField
                  path={`${path}.turnoversPerDay`}
                  label="Turnovers a day"
                  hint="By local code or operator"
                />
              </Cell>
            </FieldRow>
            {(several || String(textAt(texts, `${path}.circuits`) ?? '') !== '') && (
              <SetField
                path={`${path}.circuits`}
                label="Turned over by these circuits; by all that move water where none is ticked"
                by={'\n'}
                options={circuits.map((name) => ({ value: name, label: name }))}
              />
            )}
          </>
        )}
      </RowsField>
      <TextField path="water_C" label="Water now" quantity="temperature" />
    </FormPart>
  );
}

/** A body of water in a line: how much it is, and how much of it moves in a day. */
function lineOf(texts: Texts, reader: Reader): string {
  const body = readBody(texts);
  const name = String(textAt(texts, 'name') ?? '');
  if (!body) return `${name}: not complete yet.`;
  const water = (m3: number) => figureWithUnit(fig('waterVolume', m3), reader);
  const m3 = volume_m3(body.shapes, body.depth_m);
  return `${name}: ${water(m3)}, turned over ${body.turnoversPerDay} times a day, ${water(m3 * body.turnoversPerDay)}.`;
}
