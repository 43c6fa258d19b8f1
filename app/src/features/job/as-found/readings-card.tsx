import { familyOf, readOnArrival, type ReadingField } from '@barythm/core/families';
import { fig, figureWithUnit } from '@barythm/core/units';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { screensOf } from '../../../families/registry';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/fields/choice';
import { useReader } from '../../../ui/reader';
import { SPACE } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import { useJobScope } from '../../../kit/job';
import { optionalFigure } from '../../../kit/value';
import { ReadingEntry } from './reading-entry';
import { broughtUp, draftOf, faultOf, type ReadingsDraft } from './readings-draft';

/** The readings on arrival: what the pump was doing before anything was touched. */
export function ReadingsCard() {
  const { view } = useJobScope();
  const { readings } = familyOf(view.family).arrival;
  const recorded = readOnArrival(view.document, readings) !== null;
  const [again, setAgain] = useState(false);
  return recorded && !again ? (
    <ReadingsTaken onAgain={() => setAgain(true)} />
  ) : (
    <ReadingsForm onDone={() => setAgain(false)} />
  );
}

function ReadingsTaken({ onAgain }: { onAgain: () => void }) {
  const reader = useReader();
  const { view } = useJobScope();
  const { readings } = familyOf(view.family).arrival;
  const { Verdict } = screensOf(view.family).found ?? {};
  const read = readOnArrival(view.document, readings);
  if (!read) return null;
  const state = readings.states?.find(({ value }) => value === read.state);
  return (
    <Card title="Readings on arrival" edge="moss" testID="readings-now">
      {state && <Words bold>{state.label}</Words>}
      {readings.fields(view.document).map(({ key, label, quantity }) => {
        const value = read.figures[key] ?? null;
        const why = read.unreadable[key];
        if (value === null && !why) return null;
        return (
          <Words key={key}>
            {label}:{' '}
            <Words bold figures>
              {value === null ? `could not be read: ${why}` : figureWithUnit(fig(quantity, value), reader)}
            </Words>
          </Words>
        );
      })}
      {Verdict && <Verdict />}
      {!view.document.handover && <Button label="Read again" onPress={onAgain} />}
    </Card>
  );
}

function ReadingsForm({ onDone }: { onDone: () => void }) {
  const { view, jobId, write } = useJobScope();
  const { readings } = familyOf(view.family).arrival;
  const { Counter } = screensOf(view.family).found ?? {};
  const fields = readings.fields(view.document);
  // read again: what was read before stands there, and only what differs is typed
  const start = useMemo(() => draftOf(readOnArrival(view.document, readings)), [view.document, readings]);
  const [kept, setDraft] = useDraftOf<ReadingsDraft>(`now:${jobId}`, start);
  const draft = broughtUp(kept, fields);
  const [error, setError] = useState<string | null>(null);
  const figures = Object.fromEntries(
    fields.map(({ key, quantity }) => [key, optionalFigure(draft.texts[key] ?? '', quantity)]),
  );
  const setText = ({ key }: ReadingField, text: string, by = 'display') =>
    setDraft({ ...draft, by: { ...draft.by, [key]: by }, texts: { ...draft.texts, [key]: text } });
  const setUnread = ({ key }: ReadingField, why: string | undefined) => {
    const { [key]: _, ...rest } = draft.unread;
    setDraft({ ...draft, unread: why === undefined ? rest : { ...rest, [key]: why } });
  };
  // what kept one figure from being read mostly keeps the next one from it too
  const reasonBefore = Object.values(draft.unread).at(-1) ?? '';
  const save = () => {
    const fault = faultOf(draft, figures, readings.states !== null);
    if (fault !== null) return setError(fault);
    const record = readings.body({
      figures: Object.fromEntries(Object.entries(figures).map(([key, { value }]) => [key, value])),
      unreadable: draft.unread,
      by: draft.by,
      state: draft.state,
    });
    const refused = write({ kind: 'job.record', jobId, recordId: newId(), record });
    setError(refused);
    if (refused !== null) return;
    setDraft(null);
    onDone();
  };
  return (
    <Card title="Readings on arrival" testID="readings-now">
      <Words size="small" colour="quiet">
        Read before the pump is stopped and locked off. Touch nothing yet.
      </Words>
      {readings.states && (
        <Choice
          label="What it was doing"
          testID="now-state"
          options={readings.states}
          value={draft.state}
          onChange={(state) => setDraft({ ...draft, state })}
        />
      )}
      {fields.map((field, i) => (
        <View key={field.key} style={styles.one}>
          <ReadingEntry
            field={field}
            text={draft.texts[field.key] ?? ''}
            error={figures[field.key].error}
            why={draft.unread[field.key]}
            onText={(text) => setText(field, text)}
            onUnread={(why) => setUnread(field, why)}
            reasonBefore={reasonBefore}
            onEnter={i === fields.length - 1 ? save : undefined}
            onRecord={save}
          />
          {Counter?.field === field.key && (
            <Counter.Aid onRate={(rate) => setText(field, rate.toFixed(1), 'tap')} />
          )}
        </View>
      ))}
      {error && (
        <Words bold colour="rust" role="alert">
          {error}
        </Words>
      )}
      <Button kind="main" grow label="Record readings" testID="now-save" onPress={save} />
    </Card>
  );
}

const styles = StyleSheet.create({ one: { gap: SPACE.s } });
