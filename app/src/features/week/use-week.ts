import { useQueryClient } from '@tanstack/react-query';
import type { CommandBody } from '@barythm/contract/commands';
import { useEffect, useState } from 'react';
import { newId, outbox } from '../../api/device';
import { keys } from '../../api/keys';
import { useOutbox } from '../../api/use-outbox';
import type { Round } from '@barythm/contract/resources';
import { dayFault, dueUnplanned, jobsOf, type WeekDue, type WeekJob } from './week-plan';

/** Visits as they are planned, with what is not sent yet, and the ways to plan them. */
export function useWeek(round: Round) {
  const { pending } = useOutbox();
  const client = useQueryClient();
  // what was done here stands until the server's own round has it: sent is not yet seen
  const [mine, setMine] = useState<readonly CommandBody[]>([]);
  const unsent = pending.length > 0;
  useEffect(() => {
    if (unsent || mine.length === 0) return;
    const done = () => setMine((now) => (now === mine ? [] : now));
    void client.invalidateQueries({ queryKey: keys.round }).then(done);
  }, [unsent, mine, client]);
  const write = (body: CommandBody) => {
    setMine((now) => [...now, body]);
    void outbox.add(body, 0);
  };
  const [fault, setFault] = useState<string | null>(null);
  const jobs = jobsOf(round, [...pending.map(({ body }) => body), ...mine]);
  const allowed = (date: string) => {
    const words = dayFault(date, round.date);
    setFault(words);
    return words === null;
  };
  const [last, setLast] = useState<Last | null>(null);
  const put = (jobId: string, date: string) => write({ kind: 'job.move', jobId, visitId: newId(), date });
  return {
    jobs,
    due: dueUnplanned(round, jobs),
    fault,
    move: ({ id, tag, date: from }: WeekJob, date: string) => {
      if (date === from || !allowed(date)) return;
      put(id, date);
      setLast(from < round.date ? null : { tag, jobId: id, from });
    },
    plan: ({ pumpId, tag }: WeekDue, date: string) => {
      if (!allowed(date)) return;
      const jobId = newId();
      write({ kind: 'job.start', jobId, pumpId, visitId: newId(), date });
      setLast({ tag, jobId, from: null });
    },
    /** the last visit that was moved or planned; null where there is none to take back */
    last,
    undo: () => {
      if (!last) return;
      setLast(null);
      setFault(null);
      if (last.from !== null) put(last.jobId, last.from);
      else
        write({
          kind: 'job.record',
          jobId: last.jobId,
          recordId: newId(),
          record: { kind: 'cancelled', reason: 'Planned by a slip.' },
        });
    },
  };
}

interface Last {
  readonly tag: string;
  readonly jobId: string;
  /** the day it was on before; null where it was not planned at all */
  readonly from: string | null;
}
