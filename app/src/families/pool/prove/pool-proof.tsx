import { AutomaticCard, ChecksCard, PatternCards } from '../../../kit/prove';
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
