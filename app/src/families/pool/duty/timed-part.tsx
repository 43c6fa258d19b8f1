import { Cell, FormPart, FieldRow, RowsField, TextField } from '../../../form/form';
import { namesAt, type Texts } from '../../../form/tree';

/** Runs that people start by hand, and that end by themselves. */
export function TimedPart({ texts }: { texts: Texts }) {
  const names = namesAt(texts, 'timedRuns');
  return (
    <FormPart
      title="Runs by hand"
      testID="part-timed"
      paths={['timedRuns']}
      summary={names === '' ? 'None that end by themselves.' : `${names}: started on a key.`}
    >
      <RowsField
        path="timedRuns"
        add="Add a run that ends by itself"
        blank={{ name: '', speed_rpm: '', minutes: '' }}
      >
        {(path) => (
          <>
            <TextField words path={`${path}.name`} label="Called" hint="By the site’s own word" />
            <FieldRow>
              <Cell>
                <TextField path={`${path}.speed_rpm`} label="At" unit="rev/min" />
              </Cell>
              <Cell>
                <TextField path={`${path}.minutes`} label="For" quantity="minutes" />
              </Cell>
            </FieldRow>
          </>
        )}
      </RowsField>
    </FormPart>
  );
}
