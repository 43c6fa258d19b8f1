import { decisionOn, type Decision, type Finding } from '@barythm/core/findings';
import { Words } from '../../ui/words/words';

/** What was decided on a finding, where it is only looked at; nothing where nobody decided. */
export function Decided({ finding, decisions }: { finding: Finding; decisions: readonly Decision[] }) {
  const decision = decisionOn(finding, decisions);
  if (!decision) return null;
  return (
    <Words size="small" colour="quiet">
      {decision.decision === 'accepted' ? 'Accepted in writing' : 'The customer acts'}: {decision.reason} (
      {decision.actor})
    </Words>
  );
}
