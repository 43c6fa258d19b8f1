import { useState } from 'react';
import { View } from 'react-native';
import { withText, type Texts } from '@barythm/core/describe';
import type { AnyKind, AnyWork, RecordBody } from '@barythm/core/families';
import { recordsOf } from '@barythm/core/visit';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Fields } from '../../../form/paint';
import { FormProvider } from '../../../form/scope';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import type { Colour } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import { TakeBack, useJobScope } from '../../../kit/job';
import { minutesOf, timerKey, WaitTimer } from '../../../kit/timer';

const COLOURS: Readonly<Record<'good' | 'poor' | 'bad', Colour>> = {
  good: 'moss',
  poor: 'ochre',
  bad: 'rust',
};

export const recordDraft = (kind: string, jobId: string) => `record:${kind}:${jobId}`;

/** Work that is written down beside the settings: what was done, and a form for it. */
export function RecordCard({ work }: { work: AnyWork<AnyKind> }) {
  const { kind, title, note } = work;
  const { view, jobId, write } = useJobScope();
  const reader = useReader();
  const form = work.form(view);
  const [texts, setTexts] = useDraftOf<Texts>(recordDraft(kind, jobId), form.blank);
  const [tried, setTried] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);
  const all = recordsOf(view.document, kind);
  const done = work.lastCounts ? all.slice(-1) : all;
  const { value, errors } = form.read(texts);
  const save = () => {
    if (!value) return setTried(true);
    const said = write({ kind: 'job.record', jobId, recordId: newId(), record: value as RecordBody });
    setRefused(said);
    if (said !== null) return;
    const next = work.next?.(value as never, view) ?? {};
    setTexts(
      Object.keys(next).length === 0
        ? null
        : Object.entries(next).reduce((now, [key, one]) => withText(now, key, String(one)), form.blank),
    );
    setTried(false);
  };
  const follows = work.follows?.(texts, view, reader);
  const wait = work.wait?.(texts, view) ?? null;
  // what is waited for whatever is said comes first; what hangs on an answer comes after it
  const waitsFirst = (work.wait?.(form.blank, view) ?? null) !== null;
  const timer = wait && (
    <WaitTimer
      wait={wait}
      keptAt={timerKey(jobId, kind)}
      testID={`${kind}-wait`}
      onTake={(seconds) => setTexts((now) => withText(now, wait.field, String(minutesOf(seconds))))}
    />
  );
  if (view.document.handover && done.length === 0) return null;
  return (
    <Card title={title} testID={kind}>
      {done.map(({ id, body }) => {
        const { words, verdict } = work.said(body as never, view, reader);
        return (
          <View key={id}>
            <Words bold colour={verdict === null ? 'ink' : COLOURS[verdict]} testID={`${kind}-said`}>
              {words}
            </Words>
            <TakeBack id={id} of={title} testID={`${kind}-take-back`} />
          </View>
        );
      })}
      {!view.document.handover && (
        <>
          {work.caution && (
            <Words bold colour="ochre">
              {work.caution(view, reader)}
            </Words>
          )}
          {note && (
            <Words size="small" colour="quiet">
              {note}
            </Words>
          )}
          {waitsFirst && timer}
          <FormProvider
            value={{
              texts,
              errors,
              tried,
              name: kind,
              change: (next) => {
                setTexts(next);
                setRefused(null);
              },
            }}
          >
            {form.parts.map((part) => (
              <Fields key={part.name} fields={part.fields} />
            ))}
          </FormProvider>
          {!waitsFirst && timer}
          {follows && <Words testID={`${kind}-follows`}>{follows}</Words>}
          {refused && (
            <Words bold colour="rust" role="alert">
              {refused}
            </Words>
          )}
          <Button label="Record it" testID={`${kind}-save`} onPress={save} />
        </>
      )}
    </Card>
  );
}
