import { useState } from 'react';
import { newId } from '../../api/device';
import { useDraft, keepDraft } from '../../draft/use-draft';
import { timerKey } from '../../kit/timer';
import { Button, ButtonRow } from '../../ui/button';
import { Card } from '../../ui/card';
import { Field } from '../../ui/fields/field';
import { Words } from '../../ui/words/words';

/** After how long one is reminded, min. */
const AFTER_min = [5, 10, 30, 60] as const;

/** A reminder of one's own: what of, and in how many minutes; it then counts down on every screen of this device. */
export function ReminderCard() {
  const [open, setOpen] = useState(false);
  const [words, setWords] = useDraft('reminder');
  const [error, setError] = useState<string | null>(null);
  if (!open && words === null)
    return <Button label="Remind me of something" testID="reminder" onPress={() => setOpen(true)} />;
  const begin = (minutes: number) => {
    const of = (words ?? '').trim();
    if (of === '') {
      setError('Say what of.');
      return;
    }
    keepDraft(
      timerKey('own', newId()),
      JSON.stringify({ began: Date.now(), lasts_s: minutes * 60, words: of }),
    );
    setWords(null);
    setOpen(false);
  };
  return (
    <Card title="Remind me" testID="reminder-card">
      <Field
        words
        label="Of what"
        testID="reminder-words"
        value={words ?? ''}
        error={error}
        onChange={(text) => {
          setWords(text === '' ? null : text);
          setOpen(true);
          setError(null);
        }}
      />
      <ButtonRow>
        {AFTER_min.map((minutes) => (
          <Button
            key={minutes}
            label={`in ${minutes} min`}
            testID={`reminder-${minutes}`}
            onPress={() => begin(minutes)}
          />
        ))}
      </ButtonRow>
      <Words size="small" colour="quiet">
        It counts down on this device while this page is open, with a sound and a shake where the device
        allows them. Closed, it tells how late it is once it is opened again.
      </Words>
      <ButtonRow>
        <Button
          kind="quiet"
          label="Back"
          testID="reminder-back"
          onPress={() => {
            setWords(null);
            setOpen(false);
          }}
        />
      </ButtonRow>
    </Card>
  );
}
