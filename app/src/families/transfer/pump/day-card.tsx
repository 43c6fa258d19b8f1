import { transferFamily, type TransferContext } from '@barythm/core/families/transfer';
import { useMemo } from 'react';
import { BeatStripView } from '../../../charts/beat-strip-view';
import { Card } from '../../../ui/card';
import { Words } from '../../../ui/words/words';

/** A day with a session in flow; nothing where too little of it is known. */
export function DayCard({ context, nowShare }: { context: TransferContext; nowShare: number }) {
  const strip = useMemo(() => transferFamily.strip(context), [context]);
  if (!strip) return null;
  return (
    <Card title="A day" testID="transfer-day">
      <BeatStripView {...strip} now={nowShare} height={72} hours />
      <Words size="small" colour="quiet">
        Flow of a session from eight to four on the slugs of its duty. Worked out; not measured.
      </Words>
    </Card>
  );
}
