import { isExtrapolated, pumpOf } from '@barythm/core/families/pool';
import { orElse } from '@barythm/core/input';
import { fig, figureWithUnit } from '@barythm/core/units';
import { lastRecord } from '@barythm/core/visit';
import { useReader } from '../../../ui/reader';
import { Words } from '../../../ui/words/words';
import { usePool } from '../use-pool';

/** Power that the pump's points give at the speed it shows, against what was read. */
export function PowerNow() {
  const reader = useReader();
  const { view } = usePool();
  const now = lastRecord(view.document, 'pool-now')?.body;
  const { context } = view;
  if (!now || !context) return null;
  const { speed_rpm, power_W } = now;
  if (speed_rpm === null || speed_rpm <= 0 || power_W === null) return null;
  const expected = orElse(() => pumpOf(context.duty).power_W(speed_rpm), null);
  if (expected === null) return null;
  const ok = Math.abs(power_W - expected) <= expected * POWER_SHARE;
  return (
    <Words bold colour={ok ? 'moss' : 'ochre'} testID="now-power-verdict">
      By its points it takes {figureWithUnit(fig('power', expected), reader)} at{' '}
      {figureWithUnit(fig('speed', speed_rpm), reader)}
      {isExtrapolated(context.duty, speed_rpm) ? ' (extrapolated)' : ''}, ± {POWER_SHARE * 100} %:{' '}
      {ok ? 'as expected.' : power_W > expected ? 'it takes more.' : 'it takes less: little water moves.'}
    </Words>
  );
}

/** Points and a display's power reading are no better than this together. */
const POWER_SHARE = 0.1;
