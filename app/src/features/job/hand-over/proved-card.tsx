import { changedLines, measuredLine, offeredLine, provedLines } from '@barythm/core/job';
import type { HandoverSummary } from '@barythm/core/visit';
import { View } from 'react-native';
import { Card } from '../../../ui/card';
import { Words } from '../../../ui/words/words';

/** What was proved at the pump, and what was not. */
export function ProvedCard({ summary }: { summary: HandoverSummary }) {
  const { proof } = summary;
  const tried = provedLines(summary);
  const changed = summary.changed ?? changedLines(summary.settings);
  const offered = offeredLine(summary);
  const measured = measuredLine(summary);
  return (
    <Card title="What was done and proved" testID="proved">
      {changed.length === 0 ? (
        <Words>No setting was changed.</Words>
      ) : (
        <View testID="changed">
          {changed.map(({ what, from, to }) => (
            <Words key={what}>
              {what}: {from ?? 'unknown'} → <Words bold>{to}</Words>
            </Words>
          ))}
        </View>
      )}
      {tried.map(({ words, sound, titles }) => (
        <Words
          key={words}
          bold
          colour={sound ? 'moss' : 'ochre'}
          testID={titles.length > 0 ? 'checks-words' : 'points-words'}
        >
          {words}.
        </Words>
      ))}
      {offered !== null && (
        <Words colour={summary.notTried.length > 0 ? 'ochre' : 'ink'} testID="offered">
          {offered}
        </Words>
      )}
      {tried.length === 0 && (
        <Words bold colour="ochre">
          Nothing was proved at the pump.
        </Words>
      )}
      {proof.says.map(({ words, sound }) => (
        <Words
          key={words}
          bold={sound !== null}
          colour={sound === null ? 'ink' : sound ? 'moss' : 'ochre'}
          testID="proof-words"
        >
          {words}
        </Words>
      ))}
      {measured !== null && <Words testID="measured-words">{measured}</Words>}
      {summary.messages && <Words>{summary.messages}.</Words>}
      {summary.resets.map((reset) => (
        <Words key={reset.recordedAt}>
          Reset: {reset.what}; seen afterwards: {reset.seen ?? 'not looked at'}
        </Words>
      ))}
      <Words bold colour={proof.automatic ? 'moss' : 'ochre'}>
        {proof.automatic ? 'Return to automatic recorded.' : 'Return to automatic not recorded.'}
      </Words>
    </Card>
  );
}
