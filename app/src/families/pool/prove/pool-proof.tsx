import { AutomaticCard } from '../../../features/job/prove/automatic-card';
import { ChecksCard } from '../../../features/job/prove/checks-card';
import { PatternCards } from '../../../features/job/prove/pattern-cards';
import { Card } from '../../../ui/card';
import { Words } from '../../../ui/words/words';
import { usePool } from '../use-pool';

/** A pool pump is proved by what it does: primes, speeds, flows, starts, limit, hold, and what hangs on it. */
export function PoolProof() {
  const { view } = usePool();
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
