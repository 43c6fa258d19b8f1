import { lastRecord } from '@barythm/core/visit';
import { newId } from '../../api/device';
import { Card } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { Words } from '../../ui/words/words';
import { useJobScope } from '../job';

const WAYS = [
  { value: 'container', label: 'Discharge into a container', how: 'Discharge led into a container.' },
  { value: 'water', label: 'Suction from a cylinder of water', how: 'Suction led to a cylinder of water.' },
  { value: 'out-of-use', label: 'Duty out of use', how: 'The duty was taken out of use.' },
] as const;

/** Injecting a signal pumps real chemical: first it must have somewhere safe to go. */
export function SafeDischargeCard() {
  const { view, jobId, write } = useJobScope();
  const recorded = lastRecord(view.document, 'discharge-safe');
  if (view.document.handover && !recorded) return null;
  return (
    <Card
      title="Route the discharge to a safe place"
      edge={recorded ? 'moss' : 'ochre'}
      testID="discharge-safe"
    >
      <Words>
        Injecting a signal pumps real chemical. Never dose into stopped water: the slug comes when flow
        returns. Goggles, gloves and apron on.
      </Words>
      <Choice
        label="How it is made safe"
        testID="safe-way"
        options={WAYS.map(({ value, label }) => ({ value, label }))}
        value={WAYS.find((way) => way.how === recorded?.body.how)?.value ?? null}
        onChange={(value) =>
          write({
            kind: 'job.record',
            jobId,
            recordId: newId(),
            record: { kind: 'discharge-safe', how: WAYS.find((way) => way.value === value)?.how ?? '' },
          })
        }
      />
    </Card>
  );
}
