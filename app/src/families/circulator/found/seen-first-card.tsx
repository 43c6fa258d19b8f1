import { SEEN_FIRST, type SeenFirst } from '@barythm/core/families/circulator';
import { lastRecord } from '@barythm/core/visit';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Check } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { Words } from '../../../ui/words/words';
import { useCirculator } from '../use-circulator';

interface Draft {
  readonly seen: readonly SeenFirst[];
  readonly why: string;
}
const EMPTY: Draft = { seen: [], why: '' };

/** What is seen of pipe, pump and current before it runs; of what was not seen, a word why (CIR-01, CIR-02). */
export function SeenFirstCard() {
  const { view, jobId, write } = useCirculator();
  const recorded = lastRecord(view.document, 'seen-first')?.body;
  const [draft, setDraft] = useDraftOf<Draft>(`seen-first:${jobId}`, EMPTY);
  const [error, setError] = useState<string | null>(null);
  if (recorded || view.document.handover) {
    return (
      <Card title="Seen before it runs" edge="moss" testID="seen-first">
        <Words>
          {recorded
            ? `${recorded.seen.length} of ${SEEN_FIRST.length} seen.`
            : 'Not looked at on this visit.'}
          {recorded?.why ? ` ${recorded.why}` : ''}
        </Words>
      </Card>
    );
  }
  const whole = draft.seen.length === SEEN_FIRST.length;
  const save = () => {
    if (!whole && draft.why.trim() === '') return setError('Say why not all of it was seen.');
    const record = { kind: 'seen-first', seen: draft.seen, why: draft.why.trim() } as const;
    const refused = write({ kind: 'job.record', jobId, recordId: newId(), record });
    setError(refused);
    if (refused === null) setDraft(null);
  };
  return (
    <Card title="Seen before it runs" testID="seen-first">
      {SEEN_FIRST.map(([key, words]) => (
        <Check
          key={key}
          label={words}
          testID={`seen-${key}`}
          checked={draft.seen.includes(key)}
          onChange={(on) => {
            const others = draft.seen.filter((one) => one !== key);
            setDraft({ ...draft, seen: on ? [...others, key] : others });
            setError(null);
          }}
        />
      ))}
      {!whole && (
        <Field
          words
          label="Why the rest was not seen"
          testID="seen-why"
          value={draft.why}
          onChange={(why) => {
            setDraft({ ...draft, why });
            setError(null);
          }}
        />
      )}
      {error && (
        <Words bold colour="rust" role="alert">
          {error}
        </Words>
      )}
      <Button kind="main" label="Record it" testID="seen-save" onPress={save} />
    </Card>
  );
}
