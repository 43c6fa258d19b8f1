import type { Command, CommandBody } from '@barythm/contract/commands';
import type { JobResource } from '@barythm/contract/resources';
import { holdsAlready, refusalOf, viewJob, withSent, withUnsent, type JobView } from '@barythm/core/job';
import { signFaultIn } from '@barythm/core/print';
import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo } from 'react';
import { get } from './client';
import { outbox } from './device';
import { keys } from './keys';
import { useOutbox } from './use-outbox';
import type { JobCommand, JobCommandBody, JobDocument } from '@barythm/core/families';

/** Writes to one job. */
const isOf =
  (jobId: string) =>
  (command: Command): command is Command & JobCommand =>
    command.body.kind !== 'job.start' && command.body.jobId === jobId;

/** What is fetched of a job, with what is not sent yet on top of it. */
const shownOf = (
  { document, today }: JobResource,
  pending: ReturnType<typeof outbox.getState>['pending'],
): { readonly document: JobDocument; readonly today: string } => ({
  document: withUnsent(document, today, pending.filter(isOf(document.job.id))),
  today,
});

export interface UseJob {
  readonly view: JobView | null;
  readonly isLoading: boolean;
  readonly error: Error | null;
  readonly refetch: () => void;
  readonly write: WriteToJob;
}

/**
 * Queues a write, or answers in words why the job does not allow it. What adds to what is there already is given as a
 * function of the job as it is in that moment: two taps may come before the screen is painted anew.
 */
export type WriteToJob = (
  body: JobCommandBody | ((document: JobDocument) => JobCommandBody),
) => string | null;

/** One job, with everything that follows from it, and the way to write to it. */
export function useJob(id: string): UseJob {
  const client = useQueryClient();
  const query = useQuery({
    queryKey: keys.job(id),
    queryFn: () => fetchJob(client, id),
    // another tab, or another person, may have written meanwhile
    refetchOnWindowFocus: 'always',
  });
  const { pending } = useOutbox();
  const shown = useMemo(() => (query.data ? shownOf(query.data, pending) : null), [query.data, pending]);
  const view = useMemo(() => (shown ? viewJob(shown.document, shown.today) : null), [shown]);
  useEffect(() => settleSentJobs(client), [client]);
  const write = useCallback<WriteToJob>(
    (wanted) => {
      const resource = client.getQueryData<JobResource>(keys.job(id));
      if (!resource) return 'The job is not fetched yet.';
      // of this moment, so that two writes in one follow each other
      const { document, today } = shownOf(resource, outbox.getState().pending);
      const body = typeof wanted === 'function' ? wanted(document) : wanted;
      const refusal = refusalOf(document, body, today);
      if (refusal) return refusal.words;
      // said where it is typed, before anybody signs a paper that cannot show it
      const sign = signFaultIn(body);
      if (sign) return sign.words;
      void outbox.add(body as CommandBody, document.job.version);
      return null;
    },
    [client, id],
  );
  return {
    view,
    isLoading: query.isLoading,
    error: query.error,
    refetch: () => void query.refetch(),
    write,
  };
}

/** The job as the server has it, and not as it was before a write that was taken while the answer was on its way. */
async function fetchJob(client: QueryClient, id: string): Promise<JobResource> {
  const held = () => client.getQueryData<JobResource>(keys.job(id))?.document.job.version ?? 0;
  for (;;) {
    const before = held();
    const answer = await get<JobResource>(`/jobs/${id}`);
    const now = held();
    // a server that was put back to an earlier day is believed: nothing was written meanwhile
    if (now === before || answer.document.job.version >= now) return answer;
  }
}

/** Those that what was sent is moved into already. */
const settling = new WeakSet<QueryClient>();

/**
 * Moves what was just sent from the outbox into what is held of the server, so that nothing flickers. Once begun it goes on:
 * the answer to a write may come when its job is on the screen no more.
 */
function settleSentJobs(client: QueryClient): void {
  if (settling.has(client)) return;
  settling.add(client);
  outbox.onSent((command, answer) => {
    const key = keys.job(answer.jobId);
    const resource = client.getQueryData<JobResource>(key);
    const body = command.body.kind === 'job.start' ? null : (command as JobCommand).body;
    if (resource && body && !holdsAlready(resource.document, body)) {
      const document = withSent(resource.document, resource.today, command as JobCommand);
      client.setQueryData<JobResource>(key, { ...resource, document });
      if (answer.version === document.job.version) return;
    }
    // others wrote in between: what they wrote is fetched
    void client.invalidateQueries({ queryKey: key });
  });
}
