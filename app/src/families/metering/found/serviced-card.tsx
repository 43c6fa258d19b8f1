import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraft } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Field } from '../../../ui/fields/field';
import { Words } from '../../../ui/words/words';
import { useJobScope } from '../../../features/job/job-context';

/** Work on the wet end is written down: it voids whatever was measured of the stroke before. */
export function ServicedCard() {
  const { view, jobId, write } = useJobScope();
  const [what, setWhat] = useDraft(`serviced:${jobId}`);
  const [error, setError] = useState<string | null>(null);
  const done = view.document.records.flatMap(({ body }) => (body.kind === 'serviced' ? [body.what] : []));
  if (view.document.handover && done.length === 0) return null;
  const save = () => {
    if (!what?.trim()) {
      setError('Say what was serviced: diaphragm, valves, seal.');
      return;
    }
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: { kind: 'serviced', what: what.trim(), counter: null },
    });
    setError(refused);
    if (refused === null) setWhat(null);
  };
  return (
    <Card title="Serviced on this visit" testID="serviced">
      {done.map((words, i) => (
        <Words key={i} bold>
          {words}
        </Words>
      ))}
      <Words size="small" colour="quiet">
        Diaphragm, valves or seal changed? It voids the drawdown. Isolate, relieve pressure and rinse the head
        first.
      </Words>
      {!view.document.handover && (
        <>
          <Field
            words
            label="What was changed"
            testID="serviced-what"
            value={what ?? ''}
            error={error}
            onChange={(text) => {
              setWhat(text);
              setError(null);
            }}
          />
          <Button label="Record service" testID="serviced-save" onPress={save} />
        </>
      )}
    </Card>
  );
}
