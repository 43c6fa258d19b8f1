import type { GateReason } from '@barythm/core/job';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { Words } from '../../ui/words/words';
import { useJobScope } from '../../kit/job';
import { STAGES } from '../../kit/stages';

/** Why a stage is closed, each reason with the way to where it is put right. */
export function GateCard({ title, reasons }: { title: string; reasons: readonly GateReason[] }) {
  const { go } = useJobScope();
  const stages = [...new Set(reasons.map((reason) => reason.stage))];
  return (
    <Card title={title} edge="rust" testID="gate">
      {reasons.map((reason, i) => (
        <Words key={i}>
          {/^[A-Z]+-\d+$/.test(reason.code) && (
            <Words figures size="small" colour="quiet">
              {reason.code}{' '}
            </Words>
          )}
          {reason.words}
        </Words>
      ))}
      {stages.map((stage) => (
        <Button
          key={stage}
          label={`To “${STAGES.find((candidate) => candidate.key === stage)?.label}”`}
          testID={`gate-to-${stage}`}
          onPress={() => go(stage)}
        />
      ))}
    </Card>
  );
}
