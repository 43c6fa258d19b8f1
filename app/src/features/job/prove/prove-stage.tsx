import { gateOfProve, leftToProve } from '@barythm/core/job';
import { Card } from '../../../ui/card';
import { Words } from '../../../ui/words';
import { useJobScope, useMetering, usePool } from '../job-context';
import { ForwardButton } from '../forward-button';
import { StageFrame } from '../stage-frame';
import { CalibrationCard } from '../calibration-card';
import { AutomaticCard } from './automatic-card';
import { ChecksCard } from './checks-card';
import { LiveCard } from './live-card';
import { PatternCards } from './pattern-cards';
import { PointsCard } from './points-card';
import { ReadingsChart } from './readings-chart';
import { SafeDischargeCard } from './safe-discharge-card';

/** Prove: known signals in, strokes or flow out, against what the settings must give. */
export function ProveStage() {
  const { view, go } = useJobScope();
  return (
    <StageFrame
      stage="prove"
      action={
        <ForwardButton
          to="the hand-over"
          left={view.document.handover ? 0 : leftToProve(view)}
          still="still to try"
          testID="to-hand-over"
          onPress={() => go('hand-over')}
        />
      }
    >
      {view.family === 'pool' ? <PoolProof /> : <MeteringProof />}
    </StageFrame>
  );
}

/** A pool pump is proved by what it does: primes, speeds, flows, starts, limit, hold, and what hangs on it. */
function PoolProof() {
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

function MeteringProof() {
  const { view } = useMetering();
  const { document, context, settings } = view;
  const safe = gateOfProve(document).length === 0;
  const known = context !== null && settings.mode !== null;
  const line = settings.mode === 'analog' && settings.map !== null;
  return (
    <>
      <SafeDischargeCard />
      {safe && !known && (
        <Card edge="ochre">
          <Words>
            There is nothing to expect yet: the mode and its settings are not known. Record them under As
            found, or set them.
          </Words>
        </Card>
      )}
      {safe && known && (
        <>
          <PatternCards />
          {line && <PointsCard />}
          {line && <ReadingsChart />}
          <ChecksCard />
        </>
      )}
      <CalibrationCard />
      {safe && known && <LiveCard />}
      <AutomaticCard />
    </>
  );
}
