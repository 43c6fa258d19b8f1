import { lastRecord } from '@barythm/core/job';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraft } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Field } from '../../../ui/field';
import { Words } from '../../../ui/words';
import { useJobScope } from '../job-context';

/** Returned to automatic, seen and not assumed (ANY-03). */
export function AutomaticCard() {
  const { view, jobId, write } = useJobScope();
  const [seen, setSeen] = useDraft(`automatic:${jobId}`);
  const [error, setError] = useState<string | null>(null);
  const recorded = lastRecord(view.document, 'automatic');
  const stillTrue = !view.findings.job.some((finding) => finding.code === 'ANY-03');
  if (recorded && stillTrue) {
    return (
      <Card title="Returned to automatic" edge="moss" testID="automatic">
        <Words>{recorded.body.seen}</Words>
      </Card>
    );
  }
  const save = () => {
    if (!seen?.trim()) {
      setError('Say what you saw: mode on the display, strokes that follow the signal.');
      return;
    }
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: { kind: 'automatic', seen },
    });
    setError(refused);
    if (refused === null) setSeen(null);
  };
  return (
    <Card title="Return to automatic" edge="ochre" testID="automatic">
      <Words>
        Discharge back in place, injector off, pump out of stop, hold and manual. A pump left otherwise is the
        commonest call-back of all.
      </Words>
      {recorded && (
        <Words colour="ochre">Something was set or proved since it was last seen in automatic.</Words>
      )}
      <Field
        words
        lines={2}
        label="What you saw"
        testID="automatic-seen"
        value={seen ?? ''}
        error={error}
        onChange={(text) => {
          setSeen(text);
          setError(null);
        }}
      />
      <Button kind="main" label="Returned to automatic" testID="automatic-save" onPress={save} />
    </Card>
  );
}
