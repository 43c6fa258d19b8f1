import { circulatorFamily, type CirculatorContext } from '@barythm/core/families/circulator';
import { useMemo } from 'react';
import { BeatStripView } from '../../../charts/beat-strip-view';
import { Card } from '../../../ui/card';
import { Words } from '../../../ui/words/words';

/** A circulator's winter day in speed; nothing where too little of it is known. */
export function DayCard({ context, nowShare }: { context: CirculatorContext; nowShare: number }) {
  const strip = useMemo(() => circulatorFamily.strip(context), [context]);
  if (!strip) return null;
  return (
    <Card title={context.duty.hotWater ? 'A day' : 'A winter day'} testID="circulator-day">
      <BeatStripView {...strip} now={nowShare} height={72} hours />
      <Words size="small" colour="quiet">
        Speed by the hour, full height is full speed. Worked out from its settings
        {context.duty.hotWater ? '' : ' for a day about 2 °C'}; not measured.
      </Words>
    </Card>
  );
}
