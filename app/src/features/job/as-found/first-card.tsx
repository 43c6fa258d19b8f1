import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Check } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { Words } from '../../../ui/words/words';
import { useJobScope } from '../../../kit/job';
import { familyOf, firstSeen, type AnyKind, type FirstSteps, type RecordBody } from '@barythm/core/families';

interface Draft {
  readonly seen: readonly string[];
  readonly why: string;
  /** what was recorded is being added to */
  readonly again?: true;
}
const EMPTY: Draft = { seen: [], why: '' };

/** What is seen or done before it is set, each thing by itself; of what was not, a word why. */
export function FirstCard() {
  const { view } = useJobScope();
  const { first } = familyOf(view.family).arrival;
  return first && <StepsCard first={first} />;
}

function StepsCard({ first }: { first: FirstSteps<AnyKind> }) {
  const { view, jobId, write } = useJobScope();
  const { kind: name, title } = first;
  const steps = first.of?.(view) ?? first.steps;
  const caution = first.caution?.(view.profile);
  const recorded = firstSeen(view.document, name);
  const [draft, setDraft] = useDraftOf<Draft>(`${name}:${jobId}`, EMPTY);
  const [error, setError] = useState<string | null>(null);
  // that something was not seen is asked of nobody who is still going through them
  const [partly, setPartly] = useState(draft.why !== '' || draft.again === true);
  if ((recorded && !draft.again) || view.document.handover) {
    const short = recorded !== null && recorded.seen.length < steps.length;
    return (
      <Card title={title} edge={short ? 'ochre' : 'moss'} testID={name}>
        <Words>
          {recorded ? `${recorded.seen.length} of ${steps.length} seen.` : 'Not looked at on this visit.'}
          {recorded?.why ? ` ${recorded.why}` : ''}
        </Words>
        {recorded && !view.document.handover && (
          <Button
            label={short ? 'Add what was seen since' : 'Correct it'}
            testID={`${name}-again`}
            onPress={() => {
              setDraft({ seen: recorded.seen, why: recorded.why, again: true });
              setPartly(true);
            }}
          />
        )}
      </Card>
    );
  }
  const isWhole = (seen: readonly string[]) => seen.length === steps.length;
  const whole = isWhole(draft.seen);
  const before = recorded?.seen ?? [];
  const save = (seen = draft.seen) => {
    if (!isWhole(seen) && draft.why.trim() === '') return setError('Say why not all of it was seen.');
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: {
        kind: name,
        seen,
        why: isWhole(seen) ? '' : draft.why.trim(),
        changed: {
          on: seen.filter((key) => !before.includes(key)),
          off: before.filter((key) => !seen.includes(key)),
        },
      } as RecordBody,
    });
    setError(refused);
    if (refused === null) setDraft(null);
  };
  return (
    <Card title={title} testID={name}>
      {caution && (
        <Words bold colour="ochre">
          {caution}
        </Words>
      )}
      {steps.map(({ key, words }) => (
        <Check
          key={key}
          label={words}
          testID={`seen-${key}`}
          checked={draft.seen.includes(key)}
          onChange={(on) => {
            const others = draft.seen.filter((one) => one !== key);
            const seen = on ? [...others, key] : others;
            setDraft({ ...draft, seen });
            setError(null);
            // the last of them says it all: nothing is left to add
            if (on && isWhole(seen)) save(seen);
          }}
        />
      ))}
      {partly && !whole && (
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
      {partly ? (
        <Button kind="main" label="Record it" testID="seen-save" onPress={() => save()} />
      ) : (
        <Button label="Not all of it was seen" testID="seen-rest" onPress={() => setPartly(true)} />
      )}
    </Card>
  );
}
