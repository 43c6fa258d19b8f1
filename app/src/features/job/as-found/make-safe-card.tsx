import { confirmedSteps, isMadeSafe, powerBack, stepsHolding } from '@barythm/core/job';
import { siteTime } from '@barythm/core/time';
import { newId } from '../../../api/device';
import { Card } from '../../../ui/card';
import { Check } from '../../../ui/fields/choice';
import { Words } from '../../../ui/words/words';
import { useJobScope } from '../../../kit/job';
import { familyOf, KEYS_ONLY, type MakeSafeStep } from '@barythm/core/families';

/** Make safe, first half: what is so before anybody touches keys (ANY-02). */
export function MakeSafeCard() {
  const { view } = useJobScope();
  const steps = familyOf(view.family).arrival.makeSafe.filter(({ hands }) => !hands);
  const done = confirmedSteps(view.document);
  const safe = steps.every(({ key }) => done.includes(key));
  if (steps.length === 0) return null;
  return (
    <Card title="Make safe" edge={safe ? 'moss' : 'ochre'} testID="make-safe">
      <Steps steps={steps} />
      <Words size="small" colour="quiet">
        The maker’s manual, the safety data sheet and local code rule. Electrical work is for a licensed
        electrician.
      </Words>
    </Card>
  );
}

/** Make safe, second half: once everything is read that needs a live display, and before hands go in. */
export function LockOffCard() {
  const { view } = useJobScope();
  const { document } = view;
  const steps = familyOf(view.family).arrival.makeSafe.filter(({ hands }) => hands);
  const back = powerBack(document);
  if (steps.length === 0) return null;
  return (
    <Card
      title="Before hands go in"
      edge={isMadeSafe(document) && back === null ? 'moss' : 'ochre'}
      testID="lock-off"
    >
      <Words size="small" colour="quiet">
        Read what needs a live display first: it is dead from here.
      </Words>
      {back !== null && (
        <Words bold colour="ochre" testID="power-is-back">
          The power is back since {siteTime(back.recordedAt, document.site.zone)}: nothing is isolated now.
          Lock it off again before hands go in.
        </Words>
      )}
      <Steps steps={steps} />
      <Steps steps={[KEYS_ONLY]} />
    </Card>
  );
}

function Steps({ steps }: { steps: readonly MakeSafeStep[] }) {
  const { view, jobId, write } = useJobScope();
  const { document } = view;
  const holding = stepsHolding(document);
  const toggle = (step: string, checked: boolean) =>
    write((now) => {
      const others = confirmedSteps(now).filter((one) => one !== step);
      const kept = checked ? [...others, step] : others;
      const changed = checked ? { on: [step], off: [] } : { on: [], off: [step] };
      return {
        kind: 'job.record',
        jobId,
        recordId: newId(),
        record: { kind: 'make-safe', steps: kept, changed },
      };
    });
  return steps.map(({ key, words }) => (
    <Check
      key={key}
      testID={`safe-${key}`}
      label={words}
      checked={holding.includes(key)}
      onChange={(checked) => toggle(key, checked)}
    />
  ));
}
