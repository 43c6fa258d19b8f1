import { familyOf } from '@barythm/core/families';
import type { JobView } from '@barythm/core/job';
import type { Block } from '@barythm/core/visit';
import { useEffect, useState } from 'react';
import { BenchClient } from '../../../workers/bench-client';

/** The day before and after, worked out in the worker while the job is open; what is handed over has it among its own blocks. */
export function useDay(view: JobView): Block | null {
  const frozen = view.document.handover !== null;
  const [day, setDay] = useState<Block | null>(null);
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
        if (!current) return;
        setDay(
          compared.block(
            context,
            sheets,
            runs.map(({ sums }) => sums),
          ),
        );
      })
      // the hand-over itself works the day out again: without a worker the card only stays away
      .catch(() => undefined);
    return () => {
      current = false;
      client.cancel();
    };
  }, [view, frozen]);
  return frozen ? null : day;
}
