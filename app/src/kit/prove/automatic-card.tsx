import { linksMade } from '@barythm/core/job';
import { panelsFromAfar } from '@barythm/core/profile';
import { lastRecord, type LeavingCheck } from '@barythm/core/visit';
import { useState } from 'react';
import { newId } from '../../api/device';
import { useDraft, useDraftOf } from '../../draft/use-draft';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { Check } from '../../ui/fields/choice';
import { Field } from '../../ui/fields/field';
import { Words } from '../../ui/words/words';
import { TakeBack, useJobScope } from '../job';

/** What a return to automatic is to settle: automatic itself, set-up complete, covers closed, settings closed again. */
const LEAVING: ReadonlySet<string> = new Set([
  'ANY-03',
  'ANY-17',
  'ANY-17.link',
  'ANY-18',
  'ANY-11.left',
  'ANY-11.afar',
]);

/** What is mostly seen, in one tap. */
const PLAINLY = 'Seen in automatic: it does what it is told.';

/** Returned to automatic, seen and not assumed (ANY-03). */
export function AutomaticCard() {
  const { view, jobId, write } = useJobScope();
  const recorded = lastRecord(view.document, 'automatic');
  // what was confirmed before is not asked anew where only a tick was missing
  const kept = recorded && !view.findings.job.some(({ code }) => code === 'ANY-03') ? recorded.body : null;
  const [typed, setSeen] = useDraft(`automatic:${jobId}`);
  const seen = typed ?? kept?.seen ?? null;
  const [leaving, setLeaving] = useDraftOf<readonly LeavingCheck[]>(`leaving:${jobId}`, kept?.leaving ?? []);
  const [error, setError] = useState<string | null>(null);
  const [openLeft, setOpenLeft] = useState(false);
  const stillTrue = !view.findings.job.some(({ text }) => LEAVING.has(text));
  if (recorded && stillTrue) {
    return (
      <Card title="Returned to automatic" edge="moss" testID="automatic">
        <Words>{recorded.body.seen}</Words>
        <TakeBack id={recorded.id} of="return to automatic" testID="automatic-take-back" />
      </Card>
    );
  }
  const { setUpEnd, access } = view.document.profile.behaviours;
  const afar = panelsFromAfar(view.document.profile);
  const made = linksMade(view.document);
  const links = made.length === 0 ? [] : [made.map((one) => one.replace(/\.$/, '')).join('; ')];
  const asked: readonly (readonly [LeavingCheck, string])[] = [
    ...links.map((connect) => ['link', `What opened its settings is undone: ${connect}`] as const),
    ...(setUpEnd ? [['set-up', `Set-up is complete: ${setUpEnd}`] as const] : []),
    ...(access?.closesAfter_min === null
      ? [['access', 'Its settings are closed to others again'] as const]
      : []),
    ...(afar.length > 0 ? [['afar', `Closed to others from afar: ${afar.join(', ')}`] as const] : []),
    ['covers', 'Covers, terminal box and doors are closed'],
  ];
  const unticked = asked.filter(([check]) => !leaving.includes(check));
  const save = (words = seen) => {
    if (!words?.trim()) {
      setError('Say what you saw: the mode on the display, and that it does what commands it.');
      return;
    }
    if (unticked.length > 0 && !openLeft) {
      setOpenLeft(true);
      setError(
        `Not ticked: ${unticked.map(([, label]) => label.replace(/\.$/, '')).join('; ')}. Tick what is so, or leave it open.`,
      );
      return;
    }
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: { kind: 'automatic', seen: words, leaving },
    });
    setError(refused);
    if (refused === null) {
      setSeen(null);
      setLeaving(null);
    }
  };
  const confirm = ([check, label]: readonly [LeavingCheck, string]) => (
    <Check
      key={check}
      label={label}
      testID={`leaving-${check}`}
      checked={leaving.includes(check)}
      onChange={(checked) => {
        setLeaving(checked ? [...leaving, check] : leaving.filter((one) => one !== check));
        setOpenLeft(false);
        setError(null);
      }}
    />
  );
  return (
    <Card title="Return to automatic" edge="ochre" testID="automatic">
      <Words>
        What was taken off for the work is back in place, and the pump is out of stop, hold, test and manual.
        A pump left otherwise is the most common reason for a call-back.
      </Words>
      {recorded && (
        <Words colour="ochre">
          {view.findings.job.some(({ code }) => code === 'ANY-03')
            ? 'Something was set or proved since it was last seen in automatic.'
            : 'Seen in automatic, but what is ticked below was not confirmed.'}
        </Words>
      )}
      {asked.map(confirm)}
      {!openLeft && (
        <Button
          label={`${PLAINLY} Record it`}
          testID="automatic-plain"
          onPress={() => {
            setSeen(PLAINLY);
            save(PLAINLY);
          }}
        />
      )}
      <Field
        words
        lines={2}
        label="What else you saw"
        testID="automatic-seen"
        value={seen ?? ''}
        error={error}
        onChange={(text) => {
          setSeen(text);
          setError(null);
        }}
      />
      <Button
        kind="main"
        label={openLeft ? 'Leave that open, and record' : 'Returned to automatic'}
        testID="automatic-save"
        onPress={() => save()}
      />
    </Card>
  );
}
