import type { ReadingField } from '@barythm/core/families';
import { Button } from '../../../ui/button';
import { Field } from '../../../ui/fields/field';

interface ReadingEntryProps {
  readonly field: ReadingField;
  readonly text: string;
  readonly error: string | null;
  /** why it could not be read; undefined while it can */
  readonly why: string | undefined;
  readonly onText: (text: string) => void;
  readonly onUnread: (why: string | undefined) => void;
  /** what was said of the last one that could not be read */
  readonly reasonBefore: string;
  readonly onEnter?: () => void;
  readonly onRecord?: () => void;
}

/** One reading: a figure, or a word why it could not be read. */
export function ReadingEntry(props: ReadingEntryProps) {
  const { field, text, error, why, onText, onUnread, reasonBefore, onEnter, onRecord } = props;
  const { key, label, quantity } = field;
  if (why === undefined) {
    return (
      <Field
        label={label}
        quantity={quantity}
        onEnter={onEnter}
        onRecord={onRecord}
        testID={`now-${key}`}
        value={text}
        error={error}
        onChange={onText}
        trailing={
          <Button
            kind="quiet"
            label="Not read"
            name={`Not read: ${label}`}
            testID={`now-unread-${key}`}
            onPress={() => onUnread(reasonBefore)}
          />
        }
      />
    );
  }
  return (
    <>
      <Field
        words
        label={`Why “${label}” could not be read`}
        testID={`now-why-${key}`}
        value={why}
        onChange={onUnread}
      />
      <Button kind="quiet" label="Can be read after all" onPress={() => onUnread(undefined)} />
    </>
  );
}
