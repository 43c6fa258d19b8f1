import { plainDay } from '@barythm/core/families/metering';
import { comparedSheets, handoverDay, type HandoverDay, type JobView } from '@barythm/core/job';
import { useEffect, useState } from 'react';
import { BenchClient } from '../../../workers/bench-client';

const NONE: readonly HandoverDay[] = [];

/** The day before and after: as it was handed over, or worked out in the worker while the job is open. */
export function useDays(view: JobView): readonly HandoverDay[] {
  const frozen = view.document.handover?.summary.days;
  const [days, setDays] = useState<readonly HandoverDay[]>(NONE);
  useEffect(() => {
    if (view.family !== 'metering') return;
    const { context } = view;
    const sheets = comparedSheets(view);
    if (frozen || !context || sheets.length < 2) return;
    const client = new BenchClient();
    let current = true;
    client
      .run(
        {
          context,
          sheets: sheets.map(({ column, values }) => ({ name: column, values })),
          scenario: plainDay(context),
        },
        () => undefined,
      )
      .then((runs) => {
        if (!current) return;
        setDays(runs.map((run, i) => handoverDay(context, sheets[i].column, sheets[i].values, run.sums)));
      })
      // the hand-over itself works the day out again: without a worker the card only stays away
      .catch(() => undefined);
    return () => {
      current = false;
      client.cancel();
    };
  }, [view, frozen]);
  return frozen ?? days;
}
