import { Card } from '../../ui/card';
import { Words } from '../../ui/words/words';
import { useJobScope } from '../job';
import { AutomaticCard } from './automatic-card';
import { ChecksCard } from './checks-card';
import { PatternCards } from './pattern-cards';

/** A pump that is given no signal to be read back is proved by what it does. */
export function PlainProof() {
  const { view } = useJobScope();
  return (
    <>
      {!view.context && (
        <Card edge="ochre">
          <Words>There is nothing to expect yet: plan it first.</Words>
        </Card>
      )}
      <PatternCards />
      <ChecksCard />
      <AutomaticCard />
    </>
  );
}
