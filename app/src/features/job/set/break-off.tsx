import { brokenOff } from '@barythm/core/visit';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraft } from '../../../draft/use-draft';
import { Button, ButtonRow } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Field } from '../../../ui/fields/field';
import { Words } from '../../../ui/words/words';
import { useJobScope } from '../../../kit/job';

/** Breaking off is a choice with two ways: put back as found, or left part-changed and named so (ANY-22). */
export function BreakOff({ openCount }: { openCount: number }) {
  const { view, jobId, write } = useJobScope();
  const off = brokenOff(view.document);
  const [reason, setReason] = useDraft(`break:${jobId}`);
  const [error, setError] = useState<string | null>(null);

  const send = (record: Parameters<typeof write>[0] & { kind: 'job.record' }) => {
    const refused = write(record);
    setError(refused);
    if (refused === null) setReason(null);
  };
  if (off) {
    return (
      <Button
        label="Take the work up again"
        testID="resume"
        onPress={() =>
          send({ kind: 'job.record', jobId, recordId: newId(), record: { kind: 'resumed', reason: '' } })
        }
      />
    );
  }
  if (reason === null) {
    if (openCount === 0) return null;
    return <Button kind="danger" label="Break off …" testID="break-off" onPress={() => setReason('')} />;
  }
  const breakOff = (way: 'put-back' | 'part-changed') => {
    if (reason.trim() === '') setError('Say why the work is broken off.');
    else
      send({
        kind: 'job.record',
        jobId,
        recordId: newId(),
        record: { kind: 'broken-off', way, reason },
      });
  };
  return (
    <Card title="Break off" edge="rust" testID="break-off-card">
      <Words>
        A pump that is left part-changed runs on settings that nobody planned. Put back what was found, unless
        that is worse.
      </Words>
      <Field
        words
        lines={2}
        label="Why"
        testID="break-reason"
        value={reason}
        error={error}
        onChange={setReason}
      />
      <ButtonRow>
        <Button
          kind="main"
          label="Put back as found"
          testID="put-back"
          onPress={() => breakOff('put-back')}
        />
        <Button
          kind="danger"
          label="Leave part-changed"
          testID="leave-part"
          onPress={() => breakOff('part-changed')}
        />
        <Button kind="quiet" label="Go on working" onPress={() => setReason(null)} />
      </ButtonRow>
    </Card>
  );
}
