import { counted } from '../../../ui/words/counted';
import { Cell, DaysField, FormPart, FieldRow, RowsField, TextField } from '../../../form/form';
import { rowsAt, textAt, type Texts } from '../../../form/tree';

/** Prices by windows, weekdays and seasons. */
export function TariffPart({ texts, fault }: { texts: Texts; fault: string | null }) {
  const at = (path: string) => textAt(texts, path);
  return (
    <FormPart
      title="Prices"
      testID="part-tariff"
      paths={['tariff']}
      extra={fault}
      summary={`${counted(rowsAt(texts, 'tariff.windows').length, 'price window')}${at('tariff.currency') ? `, in ${String(at('tariff.currency'))}` : ''}.`}
    >
      <TextField words path="tariff.currency" label="Currency" />
      <RowsField
        path="tariff.windows"
        least={1}
        add="Add a window"
        blank={{ days: '1234567', months: '', from: '', to: '', price: '' }}
      >
        {(path) => (
          <>
            <DaysField path={`${path}.days`} label="On" />
            <FieldRow>
              <Cell>
                <TextField words path={`${path}.from`} label="From" />
              </Cell>
              <Cell>
                <TextField words path={`${path}.to`} label="To" hint="24:00 ends the day" />
              </Cell>
              <Cell>
                <TextField path={`${path}.price`} label="A kWh costs" />
              </Cell>
              <Cell>
                <TextField
                  words
                  path={`${path}.months`}
                  label="Months"
                  hint="Such as 10–3; blank: all year"
                />
              </Cell>
            </FieldRow>
          </>
        )}
      </RowsField>
    </FormPart>
  );
}
