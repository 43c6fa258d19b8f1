import type { HandoverSummary } from '@barythm/core/job';
import { Card } from '../../../ui/card';
import { Words } from '../../../ui/words';

/** What was proved at the pump, and what was not. */
export function ProvedCard({ summary }: { summary: HandoverSummary }) {
  const { proof } = summary;
  const changed = summary.settings.filter((setting) => setting.changed);
  return (
    <Card title="What was done and proved" testID="proved">
      <Words>
        {changed.length === 0
          ? 'No setting was changed.'
          : `Changed: ${changed.map((setting) => `${setting.label} ${setting.found ?? '–'} → ${setting.left ?? '–'}`).join('; ')}.`}
      </Words>
      <Words bold colour={proof.points > 0 && proof.passed === proof.points ? 'moss' : 'ochre'}>
        {proof.points === 0
          ? 'Nothing was proved at the pump.'
          : `${proof.passed} of ${proof.points} signal points as expected.`}
      </Words>
      <Words bold colour={proof.volume === 'flow measured' ? 'moss' : 'ochre'} testID="volume-words">
        {proof.volume.charAt(0).toUpperCase() + proof.volume.slice(1)}.
      </Words>
      <Words>{proof.live ? `End to end: ${proof.live}.` : 'No live end-to-end reading.'}</Words>
      <Words bold colour={proof.automatic ? 'moss' : 'ochre'}>
        {proof.automatic ? 'Seen back in automatic.' : 'Not seen back in automatic.'}
      </Words>
    </Card>
  );
}
