import type { Command, CommandBody } from '@barythm/contract/commands';
import { RefusedError, UnreachableError } from './client';
import { Outbox } from './outbox';

const body = (seen: string): CommandBody => ({
  kind: 'job.record',
  jobId: 'job',
  recordId: seen,
  record: { kind: 'automatic', seen },
});

const built: Outbox[] = [];
afterEach(() => built.splice(0).forEach((outbox) => outbox.stop()));

/** An outbox over a store and a server that are plain lists. */
function build(answer: (command: Command) => void = () => undefined, kept: Command[] = []) {
  const stored: Command[][] = [];
  const sent: Command[] = [];
  let ids = 0;
  const outbox = new Outbox({
    store: {
      load: async () => kept,
      save: async (commands) => void stored.push([...commands]),
    },
    send: async (command) => {
      answer(command);
      sent.push(command);
      return { sequence: sent.length, jobId: 'job', version: command.baseVersion + 1 };
    },
    newId: () => `id-${++ids}`,
    now: () => '2026-11-24T10:00:00.000Z',
  });
  built.push(outbox);
  return { outbox, stored, sent };
}

const stale = (version: number) =>
  new RefusedError({ type: 'x', title: 'Stale', status: 409, code: 'stale', current: { job: { version } } });

test('a write is kept on the device before it is sent, and forgotten once the server has it', async () => {
  const order: string[] = [];
  const { outbox, stored } = build(() => order.push(`sent after ${stored.length} save`));
  await outbox.start();
  await outbox.add(body('a'), 3);
  expect(order).toEqual(['sent after 1 save']);
  expect(stored.map((list) => list.length)).toEqual([1, 0]);
  expect(outbox.getState()).toMatchObject({ pending: [], offline: false });
});

test('offline, writes wait in their order; back online they go once each', async () => {
  let online = false;
  const { outbox, sent } = build(() => {
    if (!online) throw new UnreachableError();
  });
  await outbox.start();
  await outbox.add(body('a'), 1);
  await outbox.add(body('b'), 2);
  expect(outbox.getState()).toMatchObject({ offline: true, pending: [{ id: 'id-1' }, { id: 'id-2' }] });
  online = true;
  await Promise.all([outbox.flush(), outbox.flush()]);
  expect(sent.map((command) => command.id)).toEqual(['id-1', 'id-2']);
});

test('what an earlier page left unsent goes first, with its own id', async () => {
  const earlier = { ...(await leftBehind()), id: 'earlier' };
  const { outbox, sent } = build(undefined, [earlier]);
  await outbox.start();
  await outbox.add(body('new'), 2);
  expect(sent.map((command) => command.id)).toEqual(['earlier', 'id-1']);
});

async function leftBehind(): Promise<Command> {
  const { outbox, stored } = build(() => {
    throw new UnreachableError();
  });
  await outbox.start();
  await outbox.add(body('old'), 1);
  return stored[0][0];
}

test('a stale write stops the queue until it is decided: on top, with a new id and the new versions', async () => {
  let first = true;
  const { outbox, sent } = build(() => {
    if (first) {
      first = false;
      throw stale(7);
    }
  });
  await outbox.start();
  await outbox.add(body('mine'), 4);
  await outbox.add(body('behind'), 5);
  expect(sent).toEqual([]);
  expect(outbox.getState().refused).toMatchObject({
    command: { baseVersion: 4 },
    problem: { code: 'stale' },
  });
  await outbox.keepRefused(7);
  expect(sent.map((command) => [command.id, command.baseVersion])).toEqual([
    ['id-3', 7],
    ['id-4', 8],
  ]);
});

test('or dropped, and what waited behind it goes on', async () => {
  let first = true;
  const { outbox, sent } = build(() => {
    if (first) {
      first = false;
      throw stale(7);
    }
  });
  await outbox.start();
  await outbox.add(body('mine'), 4);
  await outbox.add(body('behind'), 5);
  await outbox.dropRefused(7);
  expect(sent.map((command) => (command.body as { recordId: string }).recordId)).toEqual(['behind']);
  expect(outbox.getState()).toMatchObject({ refused: null, pending: [] });
});

test('those who listen hear of a write before it leaves the outbox, so that nothing flickers', async () => {
  const { outbox } = build();
  const seen: number[] = [];
  outbox.onSent(() => seen.push(outbox.getState().pending.length));
  await outbox.start();
  await outbox.add(body('a'), 1);
  expect(seen).toEqual([1]);
});
