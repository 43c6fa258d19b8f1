import { counted } from '../../../ui/words/counted';
import {
  Cell,
  CheckField,
  ChoiceField,
  DaysField,
  FormPart,
  FieldRow,
  RowsField,
  TextField,
} from '../../../form/form';
import { rowsAt, textAt, type Texts } from '../../../form/tree';

/** Hours that circuits need, quiet hours, pauses and least flow. */
export function NeedsPart({ texts }: { texts: Texts }) {
  const at = (path: string) => textAt(texts, path);
  return (
    <FormPart
      title="Needs and rules"
      testID="part-needs"
      paths={['needs', 'quiet', 'longestPause_min', 'leastFlow_m3h', 'leastRun_min']}
      summary={`${counted(rowsAt(texts, 'needs').length, 'circuit')} with hours of their own; ${at('quiet.on') === 'yes' ? `quiet from ${String(at('quiet.from'))} to ${String(at('quiet.to'))}` : 'no quiet hours'}; ${at('longestPause_min') ? `no pause over ${String(at('longestPause_min'))} min` : 'any pause'}.`}
    >
      <RowsField
        path="needs"
        add="Add hours for a circuit"
        blank={{ circuit: '', days: '1234567', from: '', to: '', hours: '' }}
      >
        {(path) => (
          <>
            <ChoiceField
              path={`${path}.circuit`}
              label="Circuit"
              options={rowsAt(texts, 'circuits').map((one) => {
                const name = String(textAt(one, 'name') ?? '');
                return { value: name, label: name };
              })}
            />
            <DaysField path={`${path}.days`} label="On" />
            <FieldRow>
              <Cell>
                <TextField words path={`${path}.from`} label="Between" hint="Such as 10:00" />
              </Cell>
              <Cell>
                <TextField words path={`${path}.to`} label="and" />
              </Cell>
              <Cell>
                <TextField path={`${path}.hours`} label="For" quantity="hours" hint="Blank: all of it" />
              </Cell>
            </FieldRow>
          </>
        )}
      </RowsField>
      <FieldRow>
        <Cell>
          <TextField
            path="longestPause_min"
            label="Longest pause"
            quantity="minutes"
            hint="Local code or operator"
          />
        </Cell>
        <Cell>
          <TextField path="leastFlow_m3h" label="Never less than" quantity="waterFlow" />
        </Cell>
        <Cell>
          <TextField path="leastRun_min" label="Shortest run" quantity="minutes" />
        </Cell>
      </FieldRow>
      <CheckField path="quiet.on" label="There are quiet hours" />
      {at('quiet.on') === 'yes' && (
        <FieldRow>
          <Cell>
            <TextField words path="quiet.from" label="Quiet from" />
          </Cell>
          <Cell>
            <TextField words path="quiet.to" label="to" />
          </Cell>
          <Cell>
            <TextField path="quiet.greatest_rpm" label="At most" unit="rev/min" />
          </Cell>
        </FieldRow>
      )}
    </FormPart>
  );
}
