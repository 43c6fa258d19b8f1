import { Words } from '../../../ui/words';
import { Cell, FormPart, FieldRow, TextField } from '../../../form/form';
import { textAt, type Texts } from '../../../form/tree';

/** What the flow must not pass: filter, suction cover, pipes. */
export function LimitsPart({ texts }: { texts: Texts }) {
  const at = (path: string) => textAt(texts, path);
  return (
    <FormPart
      title="Walls"
      testID="part-limits"
      paths={['limits']}
      summary={`Filter ${String(at('limits.filter_m3h') || 'not known')} m³/h, suction cover ${String(at('limits.cover_m3h') || 'not known')} m³/h.`}
    >
      <Words bold colour="ochre">
        The suction cover’s rating is on the cover itself. Too much flow there holds people under water.
      </Words>
      <FieldRow>
        <Cell>
          <TextField path="limits.filter_m3h" label="Filter’s rated flow" unit="m³/h" />
        </Cell>
        <Cell>
          <TextField path="limits.cover_m3h" label="Suction cover’s rated flow" unit="m³/h" />
        </Cell>
        <Cell>
          <TextField path="limits.suction_mm" label="Suction pipe, bore" unit="mm" />
        </Cell>
        <Cell>
          <TextField path="limits.return_mm" label="Return pipe, bore" unit="mm" />
        </Cell>
      </FieldRow>
    </FormPart>
  );
}
