import {
  ratesOfDay_spm,
  understand,
  usageOfDay,
  type MeteringContext,
} from '@barythm/core/families/metering';
import { fig, figureWithUnit, formatNumber } from '@barythm/core/units';
import { useMemo } from 'react';
import { BeatStripView } from '../../../charts/beat-strip-view';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import { Words } from '../../../ui/words/words';

/** A metering pump's day in strokes and product; nothing where the water of the day is not known. */
export function DayCard({ context, nowShare }: { context: MeteringContext; nowShare: number }) {
  const reader = useReader();
  const day = useMemo(() => dayFor(context), [context]);
  if (!day) return null;
  return (
    <Card title="Day">
      <BeatStripView
        rates={day.rates}
        greatest={Math.max(1, ...day.rates)}
        unit="strokes/min"
        now={nowShare}
        height={72}
        hours
      />
      <Words size="small" colour="quiet">
        Full height = day’s maximum: {figureWithUnit(fig('strokeRate', Math.max(...day.rates)), reader)}, of{' '}
        {figureWithUnit(fig('strokeRate', day.greatest), reader)} that it can make.
      </Words>
      <Words>
        About {formatNumber(day.strokes, 0, reader.decimal)} strokes and{' '}
        {figureWithUnit(fig('volume', day.litres), reader)} of product a day, by the duty’s water flow.
      </Words>
    </Card>
  );
}

function dayFor(context: MeteringContext) {
  if (!context.duty.water.hourly_m3h) return null;
  const settings = understand(context.profile, context.plate, context.inForce);
  const rates = ratesOfDay_spm(context, settings);
  const day = usageOfDay(context, settings);
  if (!rates || !day) return null;
  return {
    rates,
    greatest: settings.geared_spm,
    strokes: Math.round(day.strokes),
    litres: day.hourly_L.reduce((sum, litres) => sum + litres, 0),
  };
}
