import { isLockedOff } from '@barythm/core/job';
import { useState } from 'react';
import { newId } from '../../api/device';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { Words } from '../../ui/words/words';
import { useJobScope } from './job-context';

/** The power returns by a step of its own: displays and checks need it, and from then on nothing is isolated. */
export function PowerBackCard() {
  const { view, jobId, write } = useJobScope();
  const [refused, setRefused] = useState<string | null>(null);
  if (view.document.handover || !isLockedOff(view.document)) return null;
  return (
    <Card title="Power back on" edge="ochre" testID="power-back">
      <Words bold colour="ochre">
        Covers on, hands clear, everybody told. Each takes off his own lock, and nobody another’s.
      </Words>
      <Words>The pump is isolated as recorded. Displays and checks need it live.</Words>
      {refused !== null && (
        <Words bold colour="rust" role="alert">
          {refused}
        </Words>
      )}
      <Button
        kind="main"
        label="All of that is so: the power is on"
        testID="power-back-save"
        onPress={() =>
          setRefused(write({ kind: 'job.record', jobId, recordId: newId(), record: { kind: 'power-back' } }))
        }
      />
    </Card>
  );
}
