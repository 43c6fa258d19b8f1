import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Check } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { Words } from '../../../ui/words/words';
import { usePool } from '../use-pool';

interface Draft {
  readonly which: string;
  readonly traced: boolean;
  readonly seen: string;
}
const EMPTY: Draft = { which: '', traced: false, seen: '' };

/** Valves moved from a panel's menu: only after the pipework was followed, and one at a time (POO-21). */
export function ValvesCard() {
  const { view, jobId, write } = usePool();
  const [draft, setDraft] = useDraftOf<Draft>(`valves:${jobId}`, EMPTY);
  const [error, setError] = useState<string | null>(null);
  if (view.profile.behaviours.kind !== 'panel') return null;
  const done = view.document.records.flatMap(({ body }) => (body.kind === 'valves' ? [body] : []));
  const change = (part: Partial<Draft>) => {
    setDraft({ ...draft, ...part });
    setError(null);
  };
  const save = () => {
    if (draft.which.trim() === '' || draft.seen.trim() === '')
      return setError('Say which valve, and what you saw.');
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: { kind: 'valves', ...draft },
    });
    setError(refused);
    if (refused === null) setDraft(null);
  };
  return (
    <Card title="Valves moved in the menu" testID="valves">
      {done.map((body, i) => (
        <Words key={i}>
          {body.which}: {body.seen}
        </Words>
      ))}
      {!view.document.handover && (
        <>
          <Words bold colour="ochre">
            A wrong valve shuts the suction or empties a raised pool. One at a time, and somebody watches it.
          </Words>
          <Field
            words
            label="Which valve, and where to"
            testID="valves-which"
            value={draft.which}
            onChange={(which) => change({ which })}
          />
          <Check
            label="The pipework was followed first"
            testID="valves-traced"
            checked={draft.traced}
            onChange={(traced) => change({ traced })}
          />
          <Field
            words
            label="What was seen"
            testID="valves-seen"
            value={draft.seen}
            onChange={(seen) => change({ seen })}
          />
          {error && (
            <Words bold colour="rust" role="alert">
              {error}
            </Words>
          )}
          <Button label="Record it" testID="valves-save" onPress={save} />
        </>
      )}
    </Card>
  );
}
