import { decisionOn, fingerprintOf, type Finding } from '@barythm/core/findings';
import { useState } from 'react';
import { View } from 'react-native';
import { newId } from '../../api/device';
import { useDraft } from '../../draft/use-draft';
import { Button, ButtonRow } from '../../ui/button';
import { Field } from '../../ui/fields/field';
import { Words } from '../../ui/words/words';
import { useJobScope } from './job-context';
import { TakeBack } from './take-back';

/** What a technician decides about a finding, in writing: it is tied to these figures and opens again when they change. */
export function DecisionAction({ finding }: { finding: Finding }) {
  const { view, jobId, write } = useJobScope();
  const fingerprint = fingerprintOf(finding);
  const { decisions } = view.document;
  const decision = decisionOn(finding, decisions);
  const written = decisions.find((one) => one === decision);
  const [reason, setReason] = useDraft(`decide:${jobId}:${finding.code}:${fingerprint}`);
  const [error, setError] = useState<string | null>(null);
  if (view.document.handover) return null;
  if (decision && written) {
    return (
      <View>
        <Words bold colour="moss" testID={`decided-${finding.code}`}>
          {decision.decision === 'accepted' ? 'Accepted in writing: ' : 'The customer acts: '}
          {decision.reason}
        </Words>
        <TakeBack
          id={written.id}
          of={finding.code}
          label="Change or withdraw"
          testID={`withdraw-${finding.code}`}
          // what was written before is there to be changed
          onDone={() => setReason(decision.reason)}
        />
      </View>
    );
  }
  const decide = (kind: 'accepted' | 'customer-acts') => {
    const refused = write({
      kind: 'finding.decide',
      jobId,
      decisionId: newId(),
      code: finding.code,
      fingerprint,
      decision: kind,
      reason: reason ?? '',
    });
    setError(refused);
    if (refused === null) setReason(null);
  };
  if (reason === null) {
    return (
      <Button label="Decide in writing" testID={`decide-${finding.code}`} onPress={() => setReason('')} />
    );
  }
  return (
    <>
      <Field
        words
        lines={2}
        label="Why, for the customer to read"
        testID={`decide-reason-${finding.code}`}
        value={reason}
        error={error}
        onChange={setReason}
      />
      <ButtonRow>
        <Button label="Accept it" testID={`accept-${finding.code}`} onPress={() => decide('accepted')} />
        <Button
          label="The customer acts"
          testID={`customer-${finding.code}`}
          onPress={() => decide('customer-acts')}
        />
        <Button kind="quiet" label="Back" onPress={() => setReason(null)} />
      </ButtonRow>
    </>
  );
}
