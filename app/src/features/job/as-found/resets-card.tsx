import type { CommonBehaviours } from '@barythm/core/profile';
import { RESETS } from '@barythm/core/job';
import { recordsOf, type ResetOf } from '@barythm/core/visit';
import { useState } from 'react';
import { View } from 'react-native';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button, ButtonRow } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { Words } from '../../../ui/words/words';
import { TakeBack, useJobScope } from '../../../kit/job';
import { PageKeys } from '../../../kit/keys';

interface Draft {
  readonly what: ResetOf | null;
  readonly why: string;
  readonly seen: string;
}
export const resetDraft = (jobId: string) => `reset:${jobId}`;
const EMPTY: Draft = { what: null, why: '', seen: '' };

const ASKED: Readonly<Record<ResetOf, string>> = {
  faults: 'Last faults',
  reminder: 'Reminder',
  counter: 'Counter',
  settings: 'All settings',
  breaker: 'Breaker',
};

export const RESETS_TITLE = 'Reset on this visit';

/** Every reset with why, and what was seen afterwards (ANY-13, ANY-15, ANY-16). */
export function ResetsCard() {
  const { view, jobId, write } = useJobScope();
  const [draft, setDraft] = useDraftOf<Draft>(resetDraft(jobId), EMPTY);
  const [error, setError] = useState<string | null>(null);
  const behaviours: CommonBehaviours = view.profile.behaviours;
  const done = recordsOf(view.document, 'reset');
  const closed = view.document.handover !== null;
  if (closed && done.length === 0) return null;

  const set = (changed: Partial<Draft>) => {
    setDraft({ ...draft, ...changed });
    setError(null);
  };
  const save = (looked: boolean) => {
    const { what } = draft;
    if (!what) return setError('Say what was reset.');
    if (draft.why.trim() === '') return setError('Say why it was reset.');
    if (looked && draft.seen.trim() === '') return setError('Say what the display shows now.');
    const seen = looked ? draft.seen.trim() : null;
    const record = { kind: 'reset', what, why: draft.why.trim(), seen } as const;
    const refused = write({ kind: 'job.record', jobId, recordId: newId(), record });
    setError(refused);
    if (refused === null) setDraft(null);
  };
  return (
    <Card title={RESETS_TITLE} testID="resets">
      {done.map(({ id, body }) => (
        <View key={id}>
          <Words bold colour={body.seen === null ? 'ochre' : 'ink'}>
            {RESETS[body.what]}: {body.seen ?? 'not checked afterwards'}
          </Words>
          <TakeBack id={id} of={RESETS[body.what]} testID="reset-take-back" />
        </View>
      ))}
      {!closed && (
        <>
          <Choice
            label="What was reset"
            testID="reset-what"
            options={(Object.keys(RESETS) as ResetOf[]).map((value) => ({ value, label: ASKED[value] }))}
            value={draft.what}
            onChange={(what) => set({ what })}
          />
          {draft.what === 'counter' && <PageKeys of="counters" />}
          {draft.what === 'breaker' && (
            <Words bold colour="ochre">
              Once at most. If it trips again, leave it off and locked: a licensed electrician finds the
              cause.
            </Words>
          )}
          {draft.what === 'settings' && behaviours.resetBy !== undefined && (
            <Words size="small" colour="quiet">
              How to: {behaviours.resetBy}
            </Words>
          )}
          {draft.what === 'settings' && behaviours.resetShows !== undefined && (
            <Words size="small" colour="quiet">
              A reset shows by this: {behaviours.resetShows}
            </Words>
          )}
          {draft.what !== null && (
            <>
              <Field
                words
                label="Why"
                testID="reset-why"
                value={draft.why}
                onChange={(why) => set({ why })}
              />
              <Field
                words
                label="What it shows now"
                testID="reset-seen"
                value={draft.seen}
                onChange={(seen) => set({ seen })}
              />
              <ButtonRow>
                <Button
                  kind="main"
                  grow
                  label="Record reset"
                  testID="reset-save"
                  onPress={() => save(true)}
                />
                <Button label="Not checked" testID="reset-unseen" onPress={() => save(false)} />
              </ButtonRow>
            </>
          )}
          {error && (
            <Words bold colour="rust" role="alert">
              {error}
            </Words>
          )}
        </>
      )}
    </Card>
  );
}
