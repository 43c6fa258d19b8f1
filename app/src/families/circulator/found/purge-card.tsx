import { recordsOf } from '@barythm/core/visit';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button, ButtonRow } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Field } from '../../../ui/fields/field';
import { Words } from '../../../ui/words/words';
import { useCirculator } from '../use-circulator';

interface Draft {
  readonly loops: string;
}
const EMPTY: Draft = { loops: '' };

/** Air is driven out loop by loop, at the highest fixed speed: before a mode that adjusts itself (CIR-03). */
export function PurgeCard() {
  const { view, jobId, write } = useCirculator();
  const [draft, setDraft] = useDraftOf<Draft>(`purge:${jobId}`, EMPTY);
  const [error, setError] = useState<string | null>(null);
  const done = recordsOf(view.document, 'purged');
  const save = (clear: boolean) => {
    const loops = draft.loops
      .split(/[\n,;]+/)
      .map((loop) => loop.trim())
      .filter(Boolean);
    if (loops.length === 0) return setError('Name the loops, one a line.');
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: { kind: 'purged', loops, clear },
    });
    setError(refused);
    if (refused === null) setDraft(null);
  };
  return (
    <Card title="Loops purged" testID="purge">
      {done.map(({ body, id }) => (
        <Words key={id} bold colour={body.clear ? 'moss' : 'ochre'}>
          {body.loops.join(', ')}: {body.clear ? 'nothing heard at the end' : 'air is still heard'}
        </Words>
      ))}
      {!view.document.handover && (
        <>
          <Words size="small" colour="quiet">
            Highest fixed speed, one loop open after the other, until nothing is heard or seen. Air goes along
            from about 0.6 m/s on.
          </Words>
          <Words bold colour="ochre">
            Air vents spit hot water.
          </Words>
          <Field
            words
            lines={2}
            label="Loops, one a line"
            testID="purge-loops"
            value={draft.loops}
            error={error}
            onChange={(loops) => {
              setDraft({ loops });
              setError(null);
            }}
          />
          <ButtonRow>
            <Button grow label="Clear" testID="purge-clear" onPress={() => save(true)} />
            <Button grow label="Air is still heard" testID="purge-air" onPress={() => save(false)} />
          </ButtonRow>
        </>
      )}
    </Card>
  );
}
