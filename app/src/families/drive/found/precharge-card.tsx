import { lastRecord } from '@barythm/core/visit';
import { fig, figureWithUnit } from '@barythm/core/units';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Check } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { useReader } from '../../../ui/reader';
import { Words } from '../../../ui/words/words';
import { useDrive } from '../use-drive';
import { figureTyped } from './figure-typed';

interface Draft {
  readonly gas: string;
  readonly empty: boolean;
}
const EMPTY: Draft = { gas: '', empty: false };

/** The vessel's gas: only measured empty of water does it say anything (DRV-10). */
export function PrechargeCard() {
  const { view, jobId, write } = useDrive();
  const reader = useReader();
  const [draft, setDraft] = useDraftOf<Draft>(`gas:${jobId}`, EMPTY);
  const [error, setError] = useState<string | null>(null);
  const last = lastRecord(view.document, 'precharge')?.body;
  const save = () => {
    const gas = figureTyped(draft.gas, 'pressure');
    if ('words' in gas) return setError(gas.words);
    if (gas.value < 0) return setError('Gas under the air around is no gas: it cannot be negative.');
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: { kind: 'precharge', measured_bar: gas.value, empty: draft.empty },
    });
    setError(refused);
    if (refused === null) setDraft(null);
  };
  return (
    <Card title="The vessel’s gas" testID="gas">
      {last && (
        <Words bold colour={last.empty ? 'moss' : 'ochre'} testID="gas-said">
          {figureWithUnit(fig('pressure', last.measured_bar), reader)}
          {last.empty ? ', empty of water' : ', with water in it: that is the water’s pressure'}
        </Words>
      )}
      {!view.document.handover && (
        <>
          <Words bold colour="ochre">
            Shut the vessel off and let its water out before the gas is measured.
          </Words>
          <Field
            label="Gas"
            quantity="pressure"
            testID="gas-bar"
            value={draft.gas}
            error={error}
            onEnter={save}
            onChange={(gas) => {
              setDraft({ ...draft, gas });
              setError(null);
            }}
          />
          <Check
            label="Empty of water, its drain open"
            testID="gas-empty"
            checked={draft.empty}
            onChange={(empty) => setDraft({ ...draft, empty })}
          />
          <Button label="Record it" testID="gas-save" onPress={save} />
        </>
      )}
    </Card>
  );
}
