import { Cell, CheckField, FormPart, FieldRow, TextField } from '../../../form/form';
import { textAt, type Texts } from '../../../form/tree';

/** The salt cell: what it makes, and what the water needs. */
export function ChlorinatorPart({ texts }: { texts: Texts }) {
  const at = (path: string) => textAt(texts, path);
  return (
    <FormPart
      title="Chlorinator"
      testID="part-chlorinator"
      paths={['chlorinator']}
      summary={
        at('chlorinator.on') === 'yes'
          ? `${String(at('chlorinator.rated_gph'))} g/h rated, ${String(at('chlorinator.needed_gpd'))} g a day needed.`
          : 'None.'
      }
    >
      <CheckField path="chlorinator.on" label="A salt cell makes chlorine" />
      {at('chlorinator.on') === 'yes' && (
        <FieldRow>
          <Cell>
            <TextField path="chlorinator.rated_gph" label="Rated output" unit="g/h" />
          </Cell>
          <Cell>
            <TextField path="chlorinator.needed_gpd" label="Needed a day" unit="g" />
          </Cell>
          <Cell>
            <TextField path="chlorinator.cold_C" label="Idles below" unit="°C" hint="By its maker" />
          </Cell>
        </FieldRow>
      )}
    </FormPart>
  );
}
