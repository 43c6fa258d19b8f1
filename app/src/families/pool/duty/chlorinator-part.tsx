import { useSaid } from '../../../form/said';
import { Cell, CheckField, FormPart, FieldRow, TextField } from '../../../form/form';
import { textAt, type Texts } from '../../../form/tree';

/** The salt cell: what it makes, and what the water needs. */
export function ChlorinatorPart({ texts }: { texts: Texts }) {
  const at = (path: string) => textAt(texts, path);
  const said = useSaid(texts);
  return (
    <FormPart
      title="Chlorinator"
      testID="part-chlorinator"
      paths={['chlorinator']}
      summary={
        at('chlorinator.on') === 'yes'
          ? `${said('chlorinator.rated_gph', 'massRate')} rated, ${said('chlorinator.needed_gpd', 'mass')} a day needed.`
          : 'None.'
      }
    >
      <CheckField path="chlorinator.on" label="A salt cell makes chlorine" />
      {at('chlorinator.on') === 'yes' && (
        <FieldRow>
          <Cell>
            <TextField path="chlorinator.rated_gph" label="Rated output" quantity="massRate" />
          </Cell>
          <Cell>
            <TextField path="chlorinator.needed_gpd" label="Needed a day" unit="g" />
          </Cell>
          <Cell>
            <TextField
              path="chlorinator.cold_C"
              label="Idles below"
              quantity="temperature"
              hint="By its maker"
            />
          </Cell>
        </FieldRow>
      )}
    </FormPart>
  );
}
