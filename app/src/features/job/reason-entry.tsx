import { useState } from 'react';
import { useDraft } from '../../draft/use-draft';
import { Button, ButtonRow } from '../../ui/button';
import { Field } from '../../ui/fields/field';

interface ReasonEntryProps {
  /** what the button says that asks for the reason */
  readonly ask: string;
  readonly label: string;
  /** what the button says that does it */
  readonly act: string;
  /** the key its text is kept under while it is typed */
  readonly draft: string;
  readonly testID: string;
  /** does it; answers why it was refused, or null */
  readonly onAct: (reason: string) => string | null;
}

/** A deed that is only done with a word why: one tap asks, a reason is typed, one tap does it. */
export function ReasonEntry({ ask, label, act, draft, testID, onAct }: ReasonEntryProps) {
  const [reason, setReason] = useDraft(draft);
  const [error, setError] = useState<string | null>(null);
  if (reason === null) return <Button label={ask} testID={testID} onPress={() => setReason('')} />;
  const doIt = () => {
    if (reason.trim() === '') {
      setError('Say why, in a word or two.');
      return;
    }
    const refused = onAct(reason.trim());
    setError(refused);
    if (refused === null) setReason(null);
  };
  return (
    <>
      <Field
        words
        lines={2}
        label={label}
        testID={`${testID}-reason`}
        value={reason}
        error={error}
        onChange={(text) => {
          setReason(text);
          setError(null);
        }}
      />
      <ButtonRow>
        <Button label={act} testID={`${testID}-do`} onPress={doIt} />
        <Button kind="quiet" label="Back" testID={`${testID}-back`} onPress={() => setReason(null)} />
      </ButtonRow>
    </>
  );
}
