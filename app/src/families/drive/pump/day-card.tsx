import { driveFamily, type DriveContext } from '@barythm/core/families/drive';
import { useMemo } from 'react';
import { BeatStripView } from '../../../charts/beat-strip-view';
import { Card } from '../../../ui/card';
import { Words } from '../../../ui/words/words';

/** A drive's day in frequency; nothing where too little of it is known. */
export function DayCard({ context, nowShare }: { context: DriveContext; nowShare: number }) {
  const strip = useMemo(() => driveFamily.strip(context), [context]);
  if (!strip) return null;
  return (
    <Card title="A day" testID="drive-day">
      <BeatStripView {...strip} now={nowShare} height={72} hours />
      <Words size="small" colour="quiet">
        Frequency of the lead by the hour; full height is its maximum. Worked out from the draw of its duty;
        not measured.
      </Words>
    </Card>
  );
}
