import { notesAbout } from '@barythm/core/job';
import { siteTime } from '@barythm/core/time';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { newId } from '../../api/device';
import { useDraft } from '../../draft/use-draft';
import { Button, ButtonRow } from '../../ui/button';
import { Field } from '../../ui/fields/field';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { useJobScope } from './job-context';
import { TakeBack } from './take-back';

/** As many signs as one note holds. */
const LONGEST = 2000;

interface NotesProps {
  /** '' for the job itself, the address of a setting, or a check */
  readonly about: string;
  /** the same as a person names it */
  readonly of: string;
}

/** What was written beside the work about one thing, and a word more. What is written is printed on the hand-over. */
export function Notes({ about, of }: NotesProps) {
  const { view, jobId, write } = useJobScope();
  const [text, setText] = useDraft(`note:${jobId}:${about}`);
  // what was typed and not recorded stays, open or folded
  const [open, setOpen] = useState(false);
  const [error, setError] = useState<string | null>(null);
  const { document } = view;
  const written = notesAbout(view, about);
  const closed = document.handover !== null || document.job.state === 'cancelled';
  const id = about === '' ? 'job' : about;
  if (closed && written.length === 0) return null;
  const save = () => {
    const words = (text ?? '').trim();
    if (words.length > LONGEST) {
      setError(`A note holds ${LONGEST} signs; this one has ${words.length}. Shorten it, or write two.`);
      return;
    }
    const record = { kind: 'note', about, words } as const;
    const refused =
      words === ''
        ? 'Write a word, or go back.'
        : write({ kind: 'job.record', jobId, recordId: newId(), record });
    setError(refused);
    if (refused !== null) return;
    setText(null);
    setOpen(false);
  };
  return (
    <View style={styles.notes} testID={`notes-${id}`}>
      {written.map((note) => (
        <View key={note.id} style={styles.note}>
          <Words style={styles.grow}>
            <Words size="small" colour="quiet">
              Note, {siteTime(note.recordedAt, document.site.zone)}:{' '}
            </Words>
            {note.body.words}
          </Words>
          <TakeBack id={note.id} of={`note on ${of}`} testID={`note-back-${note.id}`} />
        </View>
      ))}
      {!closed && !open && (
        <Button
          kind="quiet"
          label={text === null ? 'Add a note' : 'Go on with the note'}
          name={`${text === null ? 'Add a note' : 'Go on with the note'} on ${of}`}
          testID={`note-${id}`}
          onPress={() => setOpen(true)}
        />
      )}
      {!closed && open && (
        <>
          <Field
            words
            lines={3}
            label={`Note on ${of}`}
            hint="Printed on the hand-over"
            testID={`note-words-${id}`}
            value={text ?? ''}
            error={error}
            onChange={(next) => {
              setText(next === '' ? null : next);
              setError(null);
            }}
          />
          <ButtonRow>
            <Button kind="main" label="Record note" testID={`note-save-${id}`} onPress={save} />
            <Button
              kind="quiet"
              label="Back"
              testID={`note-leave-${id}`}
              onPress={() => {
                setOpen(false);
                setError(null);
              }}
            />
          </ButtonRow>
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  notes: { gap: SPACE.s, alignItems: 'stretch' },
  note: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  grow: { flex: 1 },
});
