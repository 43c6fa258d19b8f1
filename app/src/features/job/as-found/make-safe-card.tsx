import { isMadeSafe } from '@barythm/core/job';
import { lastRecord } from '@barythm/core/visit';
import { newId } from '../../../api/device';
import { Card } from '../../../ui/card';
import { Check } from '../../../ui/fields/choice';
import { Words } from '../../../ui/words/words';
import { useJobScope } from '../../../kit/job';
import { familyOf, type JobDocument } from '@barythm/core/families';

/** The make-safe step: each thing confirmed by itself, before hands or keys go near the pump (ANY-02). */
export function MakeSafeCard() {
  const { view, jobId, write } = useJobScope();
  const { document } = view;
  const done = doneIn(document);
  const safe = isMadeSafe(document);
  const toggle = (step: string, checked: boolean) =>
    write((now) => {
      const others = doneIn(now).filter((one) => one !== step);
      const steps = checked ? [...others, step] : others;
      const changed = checked ? { on: [step], off: [] } : { on: [], off: [step] };
      return { kind: 'job.record', jobId, recordId: newId(), record: { kind: 'make-safe', steps, changed } };
    });
  return (
    <Card title="Make safe" edge={safe ? 'moss' : 'ochre'} testID="make-safe">
      {familyOf(document.profile.family).arrival.makeSafe.map((step) => (
        <Check
          key={step.key}
          testID={`safe-${step.key}`}
          label={step.words}
          checked={done.includes(step.key)}
          onChange={(checked) => toggle(step.key, checked)}
        />
      ))}
      <Words size="small" colour="quiet">
        The maker’s manual, the safety data sheet and local code rule. Electrical work is for a licensed
        electrician.
      </Words>
    </Card>
  );
}

const doneIn = (document: JobDocument) => lastRecord(document, 'make-safe')?.body.steps ?? [];
