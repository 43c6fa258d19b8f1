import { meaningOf, type CommonBehaviours } from '@barythm/core/profile';
import type { RecordBody } from '@barythm/core/families';
import { lastRecord } from '@barythm/core/visit';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { Words } from '../../../ui/words/words';
import { MessageMeaning } from '../../library/message-meaning';
import { useJobScope } from '../../../kit/job';
import { PageKeys, useDisplay } from '../../../kit/keys';

interface Draft {
  readonly shows: string;
  readonly takenFor: 'nothing' | 'reminder' | 'fault' | null;
  readonly pump: 'runs' | 'stopped' | null;
  readonly list: 'read' | 'none' | 'not-read' | null;
  readonly faults: string;
}
const EMPTY: Draft = { shows: '', takenFor: null, pump: null, list: null, faults: '' };

/** What the display shows besides figures, and the list of last faults, before either is cleared (ANY-14, ANY-15). */
export function MessagesCard() {
  const { view, jobId, write } = useJobScope();
  const [draft, setDraft] = useDraftOf<Draft>(`messages:${jobId}`, EMPTY);
  const [again, setAgain] = useState(false);
  const [error, setError] = useState<string | null>(null);
  const display = useDisplay();
  const recorded = lastRecord(view.document, 'messages')?.body;
  const closed = view.document.handover !== null;
  const behaviours: CommonBehaviours = view.profile.behaviours;
  const { messages = [] } = behaviours;
  const faultsKnown = messages.filter(({ kind }) => kind === 'fault');

  if (recorded && !again) {
    return (
      <Card title="Messages and last faults" edge="moss" testID="messages">
        <Words bold>
          {recorded.takenFor === 'nothing'
            ? 'Nothing shown'
            : `“${recorded.shows}”, a ${recorded.takenFor}; the pump ${recorded.pump === 'runs' ? 'runs' : 'has stopped'}`}
          .
        </Words>
        <Meaning behaviours={behaviours} shows={recorded.shows} />
        <Words>
          Last faults:{' '}
          {recorded.lastFaults === null
            ? 'not read; the list cannot be cleared before it is written down'
            : recorded.lastFaults.join(', ') || 'none listed'}
          .
        </Words>
        {!closed && (
          <Button
            label="Read again"
            testID="messages-again"
            onPress={() => {
              setDraft(draftOf(recorded));
              setAgain(true);
            }}
          />
        )}
      </Card>
    );
  }
  if (closed) return null;

  const save = (told = draft) => {
    const { takenFor, pump, list, shows } = told;
    const faults = linesOf(told.faults);
    if (!takenFor || !pump || !list) return setError('Answer each of the three.');
    if (takenFor !== 'nothing' && shows.trim() === '') return setError('Write what the display shows.');
    if (list === 'read' && faults.length === 0) return setError('Write the faults down, one a line.');
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: {
        kind: 'messages',
        shows: takenFor === 'nothing' ? '' : shows.trim(),
        takenFor,
        pump,
        lastFaults: list === 'not-read' ? null : list === 'none' ? [] : faults,
      },
    });
    setError(refused);
    if (refused === null) {
      if (list !== 'not-read') display.wasAtPage('faults');
      setDraft(null);
      setAgain(false);
    }
  };
  const set = (changed: Partial<Draft>) => {
    const told = { ...draft, ...changed };
    setDraft(told);
    setError(null);
    return told;
  };
  /** the last answer records them, unless something is still to be written, or was written that they would leave out */
  const answer = (changed: Partial<Draft>) => {
    const told = set(changed);
    const { takenFor, pump, list, shows, faults } = told;
    const whole = (takenFor === 'nothing') === (shows.trim() === '') && faults.trim() === '';
    if (takenFor && pump && list && list !== 'read' && whole) save(told);
  };
  return (
    <Card title="Messages and last faults" testID="messages">
      <Choice
        label="The display shows"
        testID="messages-for"
        options={[
          { value: 'nothing', label: 'No message' },
          { value: 'reminder', label: 'A reminder' },
          { value: 'fault', label: 'A fault' },
        ]}
        value={draft.takenFor}
        onChange={(takenFor) => answer({ takenFor })}
      />
      {messages.length > 0 && draft.takenFor !== null && draft.takenFor !== 'nothing' && (
        <Choice
          label="Known message"
          testID="messages-known"
          options={messages.map(({ shows, lamp }) => ({
            value: shows,
            label: lamp ? `Lamp ${shows}` : shows,
          }))}
          value={meaningOf(behaviours, draft.shows)?.shows ?? null}
          onChange={(shows) =>
            answer({ shows, takenFor: meaningOf(behaviours, shows)?.kind ?? draft.takenFor })
          }
        />
      )}
      {draft.takenFor !== null && draft.takenFor !== 'nothing' && (
        <Field
          words
          label="Exactly as displayed"
          testID="messages-shows"
          value={draft.shows}
          onChange={(shows) => set({ shows })}
        />
      )}
      {draft.takenFor !== 'nothing' && <Meaning behaviours={behaviours} shows={draft.shows} />}
      {draft.takenFor !== null && (
        <Choice
          label="Before it was stopped, the pump"
          testID="messages-pump"
          options={[
            { value: 'runs', label: 'ran as set' },
            { value: 'stopped', label: 'had stopped' },
          ]}
          value={draft.pump}
          onChange={(pump) => answer({ pump })}
        />
      )}
      {draft.pump !== null && <PageKeys of="faults" />}
      {draft.pump !== null && (
        <Choice
          label="List of last faults"
          testID="messages-list"
          options={[
            { value: 'read', label: 'Written down' },
            { value: 'none', label: 'Empty, or has none' },
            { value: 'not-read', label: 'Not read' },
          ]}
          value={draft.list}
          onChange={(list) => answer({ list })}
        />
      )}
      {draft.list === 'read' && faultsKnown.length > 0 && (
        <Choice
          label="Tap them as they stand in the list"
          testID="messages-fault"
          options={faultsKnown.map(({ shows }) => ({ value: shows, label: shows }))}
          value={null}
          onChange={(shows) => set({ faults: [...linesOf(draft.faults), shows].join('\n') })}
        />
      )}
      {draft.list === 'read' && (
        <Field
          words
          lines={3}
          label="Faults, one a line, the last first"
          testID="messages-faults"
          value={draft.faults}
          onChange={(faults) => set({ faults })}
        />
      )}
      {error && (
        <Words bold colour="rust" role="alert">
          {error}
        </Words>
      )}
      {draft.takenFor !== null && (
        <Button kind="main" label="Record messages" testID="messages-save" onPress={() => save()} />
      )}
    </Card>
  );
}

/** What was recorded, to be put right: only what differs is answered anew. */
function draftOf({ shows, takenFor, pump, lastFaults }: Extract<RecordBody, { kind: 'messages' }>): Draft {
  const list = lastFaults === null ? 'not-read' : lastFaults.length === 0 ? 'none' : 'read';
  return { shows, takenFor, pump, list, faults: (lastFaults ?? []).join('\n') };
}

/** What the profile knows of what is shown, there and then; what it does not know is a tap away from all the others. */
function Meaning({ behaviours, shows }: { behaviours: CommonBehaviours; shows: string }) {
  const { profile } = useJobScope().view;
  const router = useRouter();
  const known = meaningOf(behaviours, shows);
  if (known) return <MessageMeaning message={known} />;
  if (shows.trim() === '') return null;
  return (
    <Button
      kind="quiet"
      label="Not in its profile: look it up"
      testID="messages-look-up"
      onPress={() =>
        router.navigate(`/library/codes?profile=${profile.id}&shows=${encodeURIComponent(shows.trim())}`)
      }
    />
  );
}

function linesOf(text: string): string[] {
  return text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');
}
