import { useSaid } from '../../../form/said';
import { Words } from '../../../ui/words/words';
import { Cell, FormPart, FieldRow, TextField } from '../../../form/form';
import type { Texts } from '../../../form/tree';

/** What the flow must not pass: filter, suction cover, pipes. */
export function LimitsPart({ texts }: { texts: Texts }) {
  const said = useSaid(texts);
  return (
    <FormPart
      title="Flow limits"
      testID="part-limits"
      paths={['limits']}
      summary={`Filter ${said('limits.filter_m3h', 'waterFlow')}, suction cover ${said('limits.cover_m3h', 'waterFlow')}.`}
    >
      <Words bold colour="ochre">
        The suction cover’s rating is on the cover itself. Too much flow there holds people under water.
      </Words>
      <FieldRow>
        <Cell>
          <TextField path="limits.filter_m3h" label="Filter’s rated flow" quantity="waterFlow" />
        </Cell>
        <Cell>
          <TextField path="limits.cover_m3h" label="Suction cover’s rated flow" quantity="waterFlow" />
        </Cell>
        <Cell>
          <TextField path="limits.suction_mm" label="Suction pipe, bore" quantity="bore" />
        </Cell>
        <Cell>
          <TextField path="limits.return_mm" label="Return pipe, bore" quantity="bore" />
        </Cell>
      </FieldRow>
    </FormPart>
  );
}
