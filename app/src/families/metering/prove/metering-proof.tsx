import { gateOfProve } from '@barythm/core/job';
import { AutomaticCard, ChecksCard, PatternCards, SafeDischargeCard } from '../../../kit/prove';
import { Card } from '../../../ui/card';
import { Words } from '../../../ui/words/words';
import { CalibrationCard } from '../found/calibration-card';
import { useMetering } from '../use-metering';
import { LiveCard } from './live-card';
import { PointsCard } from './points-card';
import { ReadingsChart } from './readings-chart';

/** A metering pump is proved by known signals in and strokes out, then live, then back in automatic. */
export function MeteringProof() {
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
