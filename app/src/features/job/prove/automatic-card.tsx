import { lastRecord, type LeavingCheck } from '@barythm/core/visit';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraft, useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Check } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { Words } from '../../../ui/words/words';
import { useJobScope } from '../job-context';

/** What a return to automatic is to settle: automatic itself, set-up complete, covers closed, settings closed again. */
const LEAVING: ReadonlySet<string> = new Set(['ANY-03', 'ANY-17', 'ANY-18', 'ANY-11.left']);

/** Returned to automatic, seen and not assumed (ANY-03). */
export function AutomaticCard() {
  const { view, jobId, write } = useJobScope();
  const [seen, setSeen] = useDraft(`automatic:${jobId}`);
  const [leaving, setLeaving] = useDraftOf<readonly LeavingCheck[]>(`leaving:${jobId}`, []);
  const [error, setError] = useState<string | null>(null);
  const recorded = lastRecord(view.document, 'automatic');
  const stillTrue = !view.findings.job.some(({ text }) => LEAVING.has(text));
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
      record: { kind: 'automatic', seen, leaving },
    });
    setError(refused);
    if (refused === null) {
      setSeen(null);
      setLeaving(null);
    }
  };
  const { setUpEnd, access } = view.document.profile.behaviours;
  const confirm = (check: LeavingCheck, label: string) => (
    <Check
      label={label}
      testID={`leaving-${check}`}
      checked={leaving.includes(check)}
      onChange={(checked) =>
        setLeaving(checked ? [...leaving, check] : leaving.filter((one) => one !== check))
      }
    />
  );
  return (
    <Card title="Return to automatic" edge="ochre" testID="automatic">
      <Words>
        What was taken off for the work is back in place, and the pump is out of stop, hold, test and manual.
        A pump left otherwise is the commonest call-back of all.
      </Words>
      {recorded && (
        <Words colour="ochre">
          {view.findings.job.some(({ code }) => code === 'ANY-03')
            ? 'Something was set or proved since it was last seen in automatic.'
            : 'Seen in automatic, but what is ticked below was not confirmed.'}
        </Words>
      )}
      {setUpEnd && confirm('set-up', `Set-up is complete: ${setUpEnd}`)}
      {access?.closesAfter_min === null && confirm('access', 'Its settings are closed to others again')}
      {confirm('covers', 'Covers, terminal box and doors are closed')}
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
