import type { Command, CommandAnswer } from '@barythm/contract/commands';
import type { JobResource } from '@barythm/contract/resources';
import { applyCommand } from '@barythm/core/job';
import { lastRecord } from '@barythm/core/visit';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react-native';
import type { ReactNode } from 'react';
import { blankJob, MOTOR } from '../testing/job-stand';
import { get, sendCommand } from './client';
import { keys } from './keys';
import { useJob } from './use-job';
import type { JobCommand, JobCommandBody } from '@barythm/core/families';

jest.mock('./client', () => ({ get: jest.fn(), sendCommand: jest.fn() }));
jest.mock('./device', () => {
  const { Outbox } = jest.requireActual<typeof import('./outbox')>('./outbox');
  const kept = new Map<string, Command>();
  let ids = 0;
  return {
    outbox: new Outbox({
      store: {
        note: () => undefined,
        put: (command) => Promise.resolve(void kept.set(command.id, command)),
        drop: (id) => Promise.resolve(void kept.delete(id)),
        load: () => Promise.resolve({ commands: [...kept.values()], whole: true }),
        told: () => undefined,
        onTold: () => undefined,
        alone: (work) => work(),
      },
      send: (command) =>
        jest
          .requireMock<{ sendCommand: (one: typeof command) => Promise<CommandAnswer> }>('./client')
          .sendCommand(command),
      newId: () => `c-${ids++}`,
      now: () => '2026-11-24T10:05:00.000Z',
    }),
  };
});

/** A server that holds one job; an answer can be held back, as a slow line does. */
class Server {
  resource: JobResource = { document: blankJob(MOTOR), today: '2026-11-24' } as unknown as JobResource;
  private held: (() => void)[] = [];
  slow = false;

  constructor() {
    jest.mocked(get).mockImplementation(() => {
      const answer = this.resource;
      return this.slow
        ? new Promise((done) => this.held.push(() => done(answer)))
        : Promise.resolve(answer as never);
    });
    jest.mocked(sendCommand).mockImplementation((command) => {
      const document = applyCommand(this.resource.document, command as JobCommand, this.resource.today);
      this.resource = { ...this.resource, document };
      return this.later({ sequence: 1, jobId: document.job.id, version: document.job.version });
    });
  }

  /** a write is taken at once, and its answer comes when it is let through */
  answersLater = false;
  private later(answer: CommandAnswer): Promise<CommandAnswer> {
    return this.answersLater
      ? new Promise((done) => this.held.push(() => done(answer)))
      : Promise.resolve(answer);
  }

  letThrough(): void {
    this.held.splice(0).forEach((go) => go());
  }
}

const ticked = (steps: string[], recordId: string): JobCommandBody => ({
  kind: 'job.record',
  jobId: 'job-1',
  recordId,
  record: { kind: 'make-safe', steps },
});

function stand() {
  const client = new QueryClient({
    defaultOptions: { queries: { retry: false, staleTime: 10_000, gcTime: Infinity } },
  });
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  const open = () => renderHook(() => useJob('job-1'), { wrapper });
  return { client, open };
}

/** A job on the screen, and an answer to its next GET that is held back. */
async function fetchingSlowly(server: Server) {
  const { client, open } = stand();
  const { result } = open();
  await waitFor(() => expect(result.current.view).not.toBeNull());
  server.slow = true;
  act(() => result.current.refetch());
  return { client, result };
}

const steps = (job: ReturnType<typeof useJob>) =>
  (job.view && lastRecord(job.view.document, 'make-safe')?.body.steps) ?? [];

beforeAll(async () => {
  await jest.requireMock<{ outbox: { start(): Promise<void> } }>('./device').outbox.start();
});

test('an answer that was overtaken by a write does not take the write back', async () => {
  const server = new Server();
  const { client, result } = await fetchingSlowly(server);
  await act(async () => void result.current.write(ticked(['stopped'], 'r-1')));
  await waitFor(() => expect(steps(result.current)).toEqual(['stopped']));
  server.slow = false;
  await act(async () => server.letThrough());
  await waitFor(() => expect(client.isFetching()).toBe(0));
  const held = client.getQueryData<JobResource>(keys.job('job-1'));
  expect(held?.document.job.version).toBe(server.resource.document.job.version);
  expect(held && lastRecord(held.document, 'make-safe')?.body.steps).toEqual(['stopped']);
  expect(steps(result.current)).toEqual(['stopped']);
  client.clear();
});

test('nor does an answer that was overtaken, and fetched anew, and overtaken again', async () => {
  const server = new Server();
  const { client, result } = await fetchingSlowly(server);
  const first = jest.mocked(get).mock.calls.length;
  await act(async () => void result.current.write(ticked(['stopped'], 'r-3')));
  await act(async () => server.letThrough());
  await waitFor(() => expect(get).toHaveBeenCalledTimes(first + 1));
  await act(async () => void result.current.write(ticked(['stopped', 'isolated'], 'r-4')));
  server.slow = false;
  await act(async () => server.letThrough());
  await waitFor(() => expect(client.isFetching()).toBe(0));
  const held = client.getQueryData<JobResource>(keys.job('job-1'));
  expect(held && lastRecord(held.document, 'make-safe')?.body.steps).toEqual(['stopped', 'isolated']);
  client.clear();
});

test('a write whose answer comes when its job is on the screen no more is there when one comes back', async () => {
  const server = new Server();
  server.answersLater = true;
  const { client, open } = stand();
  const first = open();
  await waitFor(() => expect(first.result.current.view).not.toBeNull());
  await act(async () => void first.result.current.write(ticked(['isolated'], 'r-2')));
  first.unmount();
  await act(async () => server.letThrough());
  const second = open();
  expect(steps(second.result.current)).toEqual(['isolated']);
  client.clear();
});
