import { changeSteps } from '@barythm/core/families/spa';
import { lastRecord } from '@barythm/core/visit';
import { newId } from '../../../api/device';
import { Card } from '../../../ui/card';
import { Check } from '../../../ui/fields/choice';
import { Words } from '../../../ui/words/words';
import { useSpa } from '../use-spa';

/** Steps of a recorded change of number that stand open: what was seen since is added, without changing the number again. */
export function StepsSeenCard() {
  const { view, jobId, write } = useSpa();
  const body = lastRecord(view.document, 'number-change')?.body;
  if (!body || view.document.handover) return null;
  const seen = {
    off: body.switchOff,
    gone: body.pageGone,
    clock: body.clockSet,
    inside: body.readInside ?? false,
  };
  const steps = changeSteps(view.profile, String(body.readBack)).filter(({ key }) => key in seen);
  const key = (step: string) => step as keyof typeof seen;
  if (steps.every((step) => seen[key(step.key)])) return null;
  const record = (step: keyof typeof seen, on: boolean) => {
    const now = { ...seen, [step]: on };
    write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: {
        ...body,
        switchOff: now.off,
        pageGone: now.gone,
        clockSet: now.clock,
        ...(now.inside && { readInside: true }),
        amends: true,
      },
    });
  };
  return (
    <Card title="After the change of number" edge="ochre" testID="number-steps">
      <Words>Look at the pack and tick what is so; the number is not changed again.</Words>
      {steps.map((step) => (
        <Check
          key={step.key}
          label={step.words}
          testID={`seen-since-${step.key}`}
          checked={seen[key(step.key)]}
          onChange={(on) => record(key(step.key), on)}
        />
      ))}
    </Card>
  );
}
