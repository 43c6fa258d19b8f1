import {
  answersAt,
  answersOver,
  fieldsAt,
  filledOver,
  textAt,
  textsOver,
  type Texts,
} from '@barythm/core/describe';
import { familyOf } from '@barythm/core/families';
import { answersOf, type GuardedChange, switchedOn } from '@barythm/core/job';
import { useMemo, useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Fields } from '../../../form/paint';
import { FormProvider } from '../../../form/scope';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Words } from '../../../ui/words/words';
import { useJobScope } from '../../../kit/job';

/** The limits that guard a setting which can hurt: asked where it is changed, and it is checked against them at once. */
export function GuardCard({ change: { parameter, address, asks, open } }: { change: GuardedChange }) {
  const { view, jobId, write } = useJobScope();
  const form = familyOf(view.family).forms.duty;
  const known = answersOf(view.document);
  const fields = useMemo(() => fieldsAt(form.parts, asks), [form, asks]);
  const initial = useMemo(() => {
    const empty = asks.reduce<Texts>(switchedOn, {});
    return known ? filledOver(empty, form.write(known as never)) : empty;
    // eslint-disable-next-line react-hooks/exhaustive-deps -- lists and answers are made anew with each view
  }, [form, asks.join(), JSON.stringify(known)]);
  const [kept, setKept] = useDraftOf<Texts>(`guard:${jobId}:${address}`, initial);
  const texts = textsOver(initial, kept);
  const [refusal, setRefusal] = useState<string | null>(null);
  // what is not known yet may stay so: only what was typed can be wrong
  const errors = Object.fromEntries(
    Object.entries(form.read(texts).errors).filter(
      ([path]) => (textAt(texts, path) ?? '') !== '' && asks.some((one) => form.typedAt(one, texts) === path),
    ),
  );
  const own = answersAt(form.answers(texts), asks);
  const wrong = Object.keys(errors).length > 0;
  const check = () => {
    const duty = answersOver(answersOver(known ?? {}, own), { family: view.family });
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: { kind: 'duty-part', duty },
    });
    setRefusal(refused);
    if (refused === null) setKept(null);
  };
  return (
    <Card
      title={`What guards ${parameter.label}`}
      edge={open.length > 0 ? 'ochre' : undefined}
      testID={`guard-${parameter.key}`}
    >
      <Words>
        {open.length > 0
          ? 'Read it on site: a plate, a label, the operator’s rule. The change is checked against it.'
          : 'The change is checked against this.'}
      </Words>
      <FormProvider value={{ texts, errors, change: setKept, name: `guard-${parameter.key}`, tried: true }}>
        <Fields fields={fields} />
      </FormProvider>
      {refusal !== null && (
        <Words bold colour="rust" role="alert">
          {refusal}
        </Words>
      )}
      {!view.document.handover && (
        <Button
          label={open.length > 0 ? 'Check against this' : 'Check again'}
          testID={`guard-check-${parameter.key}`}
          disabled={wrong || Object.keys(own).length === 0}
          onPress={check}
        />
      )}
    </Card>
  );
}
