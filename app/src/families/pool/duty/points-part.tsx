import { counted } from '../../../ui/words/counted';
import { Cell, ChoiceField, FormPart, FieldRow, RowsField, TextField } from '../../../form/form';
import { rowsAt, textAt, type Texts } from '../../../form/tree';

/** Pump points on this pipework, and what a dirty filter leaves of the flow. */
export function PointsPart({ texts, fault }: { texts: Texts; fault: string | null }) {
  const at = (path: string) => textAt(texts, path);
  return (
    <FormPart
      title="Pump on its pipes"
      testID="part-points"
      paths={['points', 'pointsFrom', 'beforeWash']}
      extra={fault}
      summary={`${counted(rowsAt(texts, 'points').length, 'point')} ${at('pointsFrom') === 'measured' ? 'measured' : 'from the plate'}; before a wash ${String(at('beforeWash'))} % of that flow.`}
    >
      <ChoiceField
        path="pointsFrom"
        label="Points are"
        options={[
          { value: 'measured', label: 'Measured' },
          { value: 'plate', label: 'From plate or curve' },
        ]}
      />
      <RowsField
        path="points"
        least={1}
        add="Add a point"
        blank={{ speed_rpm: '', flow_m3h: '', head_m: '', power_W: '' }}
      >
        {(path) => (
          <FieldRow>
            <Cell>
              <TextField path={`${path}.speed_rpm`} label="Speed" unit="rev/min" />
            </Cell>
            <Cell>
              <TextField path={`${path}.flow_m3h`} label="Flow" quantity="waterFlow" />
            </Cell>
            <Cell>
              <TextField path={`${path}.power_W`} label="Power" quantity="power" />
            </Cell>
            <Cell>
              <TextField path={`${path}.head_m`} label="Head, where water is lifted" quantity="length" />
            </Cell>
          </FieldRow>
        )}
      </RowsField>
      <TextField
        path="beforeWash"
        label="Flow before the next wash, of these points’"
        unit="%"
        hint="100 where they were taken with a dirty filter"
      />
    </FormPart>
  );
}
