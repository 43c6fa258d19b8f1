import { patternsSeen, standsAs } from '@barythm/core/visit';
import { Card } from '../../ui/card';
import { Words } from '../../ui/words/words';
import { useJobScope } from '../job';

/** Which known mistake fits a failing set of readings. What a check points to stands with that check. */
export function PatternCards() {
  const { view } = useJobScope();
  const inRows = new Set(patternsSeen(view.checks));
  const patterns = view.patterns.filter((pattern) => !inRows.has(pattern));
  const failing = view.readings.filter(
    (reading) => standsAs(reading) && reading.verdict && !reading.verdict.ok,
  );
  if (patterns.length === 0) {
    if (failing.length === 0) return null;
    return (
      <Card edge="rust" title="Not as expected" testID="pattern-none">
        <Words>
          {failing.length === 1 ? 'One reading fails' : `${failing.length} readings fail`}, and no known
          mistake explains all of them yet. Read another point at low signal: that tells them apart best.
        </Words>
      </Card>
    );
  }
  return (
    <>
      {patterns.map((pattern) => (
        <Card key={`${pattern.kind}-${pattern.title}`} edge="rust" testID={`pattern-${pattern.kind}`}>
          <Words size="small" figures colour="quiet">
            {pattern.code}
          </Words>
          <Words bold size="large" colour="rust">
            {pattern.title}
          </Words>
          <Words>{pattern.words}</Words>
        </Card>
      ))}
    </>
  );
}
