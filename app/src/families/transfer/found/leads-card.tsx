import { recordsOf } from '@barythm/core/visit';
import { fig, figureWithUnit, parseFigure } from '@barythm/core/units';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Check } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { useReader } from '../../../ui/reader';
import { Words } from '../../../ui/words/words';
import { useTransfer } from '../use-transfer';

interface Draft {
  readonly waited: string;
  readonly dead: boolean;
}
const EMPTY: Draft = { waited: '', dead: false };

/** Two leads that were swapped: how long it had been off, and that it was proved dead (LEV-06). */
export function LeadsCard() {
  const { view, jobId, write } = useTransfer();
  const reader = useReader();
  const [draft, setDraft] = useDraftOf<Draft>(`leads:${jobId}`, EMPTY);
  const [error, setError] = useState<string | null>(null);
  const done = recordsOf(view.document, 'leads-swapped');
  const discharge = view.profile.behaviours.discharge_min;
  const minutes = (value: number) => figureWithUnit(fig('minutes', value), reader);
  const change = (part: Partial<Draft>) => {
    setDraft({ ...draft, ...part });
    setError(null);
  };
  const save = () => {
    const waited = draft.waited === '' ? null : parseFigure(draft.waited, 'minutes');
    if (waited && !waited.ok) return setError(waited.words);
    const record = {
      kind: 'leads-swapped',
      waited_min: waited?.value ?? null,
      provedDead: draft.dead,
    } as const;
    const refused = write({ kind: 'job.record', jobId, recordId: newId(), record });
    setError(refused);
    if (refused === null) setDraft(null);
  };
  return (
    <Card title="Only where leads were swapped" testID="leads">
      {done.map(({ id, body }) => (
        <Words key={id} bold colour={body.provedDead ? 'moss' : 'rust'}>
          Swapped{body.waited_min === null ? '' : `, off for ${minutes(body.waited_min)}`}
          {body.provedDead ? ', proved dead' : ', not proved dead'}
        </Words>
      ))}
      {!view.document.handover && (
        <>
          <Words bold colour="ochre">
            Isolate, wait{discharge === null ? ' as its plate says' : ` ${minutes(discharge)}`}, prove dead; a
            licensed electrician.
          </Words>
          <Field
            label="Off before it was opened"
            quantity="minutes"
            testID="leads-waited"
            value={draft.waited}
            error={error}
            onChange={(waited) => change({ waited })}
          />
          <Check
            label="Proved dead"
            testID="leads-dead"
            checked={draft.dead}
            onChange={(dead) => change({ dead })}
          />
          <Button label="Record it" testID="leads-save" onPress={save} />
        </>
      )}
    </Card>
  );
}
