import { useSaid } from '../../../form/said';
import { Words } from '../../../ui/words/words';
import { Cell, CheckField, ChoiceField, FormPart, FieldRow, TextField } from '../../../form/form';
import { textAt, type Texts } from '../../../form/tree';

const SOURCES = [
  { value: 'off', label: 'Off' },
  { value: 'heater', label: 'Heater' },
  { value: 'heat-pump', label: 'Heat pump' },
  { value: 'solar', label: 'Roof' },
  { value: 'solar-first', label: 'Roof first' },
] as const;

/** Sources of heat, set points and roof. */
export function HeatPart({ texts }: { texts: Texts }) {
  const at = (path: string) => textAt(texts, path);
  const said = useSaid(texts);
  return (
    <FormPart
      title="Heat"
      testID="part-heat"
      paths={['heat']}
      summary={
        at('heat.on') === 'yes'
          ? `${SOURCES.find(({ value }) => value === at('heat.source'))?.label ?? ''}, pool at ${said('heat.pool_C', 'temperature')}.`
          : 'Not heated by this pump’s water.'
      }
    >
      <CheckField path="heat.on" label="The water is heated" />
      {at('heat.on') === 'yes' && (
        <>
          <Words bold colour="ochre">
            Too warm water exhausts and scalds. Keep to what the operator has agreed.
          </Words>
          <ChoiceField path="heat.source" label="By" options={SOURCES} />
          <FieldRow>
            <Cell>
              <TextField path="heat.pool_C" label="Pool" quantity="temperature" />
            </Cell>
            <Cell>
              <TextField
                path="heat.tub_C"
                label="Tub"
                quantity="temperature"
                hint="Counts only while it is selected"
              />
            </Cell>
            <Cell>
              <TextField path="heat.warmest_C" label="Warmest allowed" quantity="temperature" />
            </Cell>
            <Cell>
              <TextField path="heat.afterRun_min" label="After-run" quantity="minutes" />
            </Cell>
            <Cell>
              <TextField path="heat.startDifference_K" label="Roof starts at" quantity="difference" />
            </Cell>
            <Cell>
              <TextField path="heat.stopDifference_K" label="Roof stops at" quantity="difference" />
            </Cell>
            <Cell>
              <TextField path="heat.heater_kW" label="Heater" quantity="heat" />
            </Cell>
            <Cell>
              <TextField path="heat.roof_m2" label="Roof collector" quantity="area" />
            </Cell>
          </FieldRow>
        </>
      )}
    </FormPart>
  );
}
