import { familyOf } from '@barythm/core/families';
import type { JobView } from '@barythm/core/job';
import type { HandoverDay } from '@barythm/core/visit';
import { useEffect, useState } from 'react';
import { BenchClient } from '../../../workers/bench-client';

const NONE: readonly HandoverDay[] = [];

/** The day before and after: as it was handed over, or worked out in the worker while the job is open. */
export function useDays(view: JobView): readonly HandoverDay[] {
  const frozen = view.document.handover?.summary.days;
  const [days, setDays] = useState<readonly HandoverDay[]>(NONE);
  useEffect(() => {
    const { context } = view;
    const { bench, handOver } = familyOf(view.family);
    const compared = handOver.days;
    if (frozen || !context || !compared) return;
    const sheets = compared.sheets(view);
    if (sheets.length < 2) return;
    const client = new BenchClient();
    let current = true;
    client
      .run(
        {
          context,
          sheets: sheets.map(({ column, values }) => ({ name: column, values })),
          scenario: bench.plain(context),
        },
        () => undefined,
      )
      .then((runs) => {
        if (current) setDays(runs.map((run, i) => compared.day(context, sheets[i], run.sums)));
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
