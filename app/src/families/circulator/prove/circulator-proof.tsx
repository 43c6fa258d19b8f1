import { AutomaticCard } from '../../../features/job/prove/automatic-card';
import { ChecksCard } from '../../../features/job/prove/checks-card';
import { PatternCards } from '../../../features/job/prove/pattern-cards';
import { Card } from '../../../ui/card';
import { Words } from '../../../ui/words/words';
import { useCirculator } from '../use-circulator';

/** A circulator is proved by what it does: clear loops, flow and power on its line, and whatever tells it to run. */
export function CirculatorProof() {
  const { view } = useCirculator();
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
