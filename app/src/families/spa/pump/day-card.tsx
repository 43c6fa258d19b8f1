import { spaFamily, type SpaContext } from '@barythm/core/families/spa';
import { useMemo } from 'react';
import { BeatStripView } from '../../../charts/beat-strip-view';
import { Card } from '../../../ui/card';
import { Words } from '../../../ui/words/words';

/** A tub's day of cycles and bathing; nothing where too little of it is known. */
export function DayCard({ context, nowShare }: { context: SpaContext; nowShare: number }) {
  const strip = useMemo(() => spaFamily.strip(context), [context]);
  if (!strip) return null;
  return (
    <Card title="A day" testID="spa-day">
      <BeatStripView {...strip} now={nowShare} height={72} hours />
      <Words size="small" colour="quiet">
        Filled: cycles, by the power of their pump. Outlined: the times of bathing of its duty, with jets.
        Worked out; not measured.
      </Words>
    </Card>
  );
}
