import { useState } from 'react';
import { newId } from '../../api/device';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words/words';
import { useJobScope } from './job-context';

interface TakeBackProps {
  /** the line that was written by a slip; several where one tap wrote them */
  readonly id: string | readonly string[];
  /** what it was, for a screen reader: “4 mA” */
  readonly of: string;
  readonly label?: string;
  readonly testID: string;
  /** once it is taken back */
  readonly onDone?: () => void;
}

/** Takes a slip of the thumb back where it was made. It counts no more, and is printed as taken back. */
export function TakeBack({ id, of, label = 'I mistyped', testID, onDone }: TakeBackProps) {
  const { view, jobId, write } = useJobScope();
  const [refused, setRefused] = useState<string | null>(null);
  if (view.document.handover || view.document.job.state === 'cancelled') return null;
  const takeBack = () => {
    for (const one of typeof id === 'string' ? [id] : id) {
      const record = { kind: 'taken-back', id: one } as const;
      const said = write({ kind: 'job.record', jobId, recordId: newId(), record });
      setRefused(said);
      if (said !== null) return;
    }
    onDone?.();
  };
  return (
    <>
      <Button kind="quiet" label={label} name={`${label}: ${of}`} testID={testID} onPress={takeBack} />
      {refused !== null && (
        <Words bold colour="rust" role="alert">
          {refused}
        </Words>
      )}
    </>
  );
}
