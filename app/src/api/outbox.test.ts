import type { Command, CommandAnswer, CommandBody } from '@barythm/contract/commands';
import { RefusedError, UnreachableError } from './client';
import { Outbox, type OutboxStore } from './outbox';

const body = (seen: string): CommandBody => ({
  kind: 'job.record',
  jobId: 'job',
  recordId: seen,
  record: { kind: 'automatic', seen },
});

const built: Outbox[] = [];
afterEach(() => {
  built.splice(0).forEach((outbox) => outbox.stop());
  jest.useRealTimers();
});

/** What a browser keeps, shared by its tabs: a record each, notes beside them, and one sender at a time. */
class Shared {
  readonly records = new Map<string, Command>();
  readonly notes = new Map<string, Command>();
  readonly tabs: { changed: () => void; sent: (command: Command, answer: CommandAnswer) => void }[] = [];
  readonly log: string[] = [];
  full = false;
  /** the database does not answer */
  mute = false;
  private last: Promise<unknown> = Promise.resolve();

  tab(): OutboxStore {
    const others = () => this.tabs.filter((tab) => tab !== own);
    let own: (typeof this.tabs)[number] | undefined;
    return {
      note: (command) => {
        if (this.full) throw new Error('quota');
        this.notes.set(command.id, command);
        this.log.push(`noted ${command.id}`);
      },
      put: async (command) => {
        if (this.full) throw new Error('quota');
        this.records.set(command.id, command);
        this.notes.delete(command.id);
        this.log.push(`kept ${command.id}`);
        for (const tab of others()) tab.changed();
      },
      drop: async (id) => {
        this.records.delete(id);
        this.notes.delete(id);
        for (const tab of others()) tab.changed();
      },
      load: async () => ({
        commands: [...new Map([...(this.mute ? [] : this.records), ...this.notes]).values()].sort((a, b) =>
          a.id < b.id ? -1 : 1,
        ),
        whole: !this.mute,
      }),
      told: (command, answer) => {
        for (const tab of others()) tab.sent(command, answer);
      },
      onTold: (changed, sent) => {
        own = { changed, sent };
        this.tabs.push(own);
      },
      alone: <T>(work: () => Promise<T>): Promise<T> => {
        const run = this.last.then(work);
        this.last = run.catch(() => undefined);
        return run;
      },
    };
  }
}

let ids = 0;
beforeEach(() => (ids = 0));

/** An outbox over what a browser keeps and a server that is a plain list. */
function build(answer: (command: Command) => void = () => undefined, shared = new Shared()) {
  const sent: Command[] = [];
  const outbox = new Outbox({
    store: shared.tab(),
    send: async (command) => {
      answer(command);
      shared.log.push(`sent ${command.id}`);
      sent.push(command);
      return { sequence: sent.length, jobId: 'job', version: command.baseVersion + 1 };
    },
    newId: () => `id-${++ids}`,
    now: () => '2026-11-24T10:00:00.000Z',
  });
  built.push(outbox);
  return { outbox, shared, sent };
}

const stale = (version: number) =>
  new RefusedError({ type: 'x', title: 'Stale', status: 409, code: 'stale', current: { job: { version } } });

test('a write is noted and kept on the device before it is sent, and forgotten once the server has it', async () => {
  const { outbox, shared } = build();
  await outbox.start();
  await outbox.add(body('a'), 3);
  expect(shared.log).toEqual(['noted id-1', 'kept id-1', 'sent id-1']);
  expect(shared.records.size + shared.notes.size).toBe(0);
  expect(outbox.getState()).toMatchObject({ pending: [], offline: false, unkept: [] });
});

test('tap and leave in one moment: the note is there before anything was waited for', async () => {
  const { outbox, shared } = build(() => {
    throw new UnreachableError();
  });
  await outbox.start();
  void outbox.add(body('a'), 3);
  expect(shared.log[0]).toBe('noted id-1');
  // another page takes it up
  const { outbox: later, sent } = build(undefined, shared);
  await later.start();
  await later.flush();
  expect(sent.map((command) => command.id)).toEqual(['id-1']);
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

test('two tabs: neither overwrites what the other keeps, each write is sent once, and both hear of it', async () => {
  let online = false;
  const shared = new Shared();
  const server: string[] = [];
  const answer = (command: Command) => {
    if (!online) throw new UnreachableError();
    server.push(command.id);
  };
  const one = build(answer, shared);
  const two = build(answer, shared);
  const heard: string[] = [];
  two.outbox.onSent((command) => heard.push(command.id));
  await one.outbox.start();
  await two.outbox.start();
  await one.outbox.add(body('a'), 1);
  await two.outbox.add(body('b'), 1);
  await one.outbox.add(body('c'), 2);
  expect([...shared.records.keys()].sort()).toEqual(['id-1', 'id-2', 'id-3']);
  online = true;
  await Promise.all([one.outbox.flush(), two.outbox.flush()]);
  expect(server.sort()).toEqual(['id-1', 'id-2', 'id-3']);
  expect(new Set(heard)).toEqual(new Set(['id-1', 'id-2', 'id-3']));
  expect(shared.records.size).toBe(0);
  expect([one.outbox.getState().pending, two.outbox.getState().pending]).toEqual([[], []]);
});

test('what an earlier page left unsent goes first, with its own id', async () => {
  const shared = new Shared();
  const left = build(() => {
    throw new UnreachableError();
  }, shared);
  await left.outbox.start();
  await left.outbox.add(body('old'), 1);
  left.outbox.stop();
  const { outbox, sent } = build(undefined, shared);
  await outbox.start();
  await outbox.add(body('new'), 2);
  expect(sent.map((command) => command.id)).toEqual(['id-1', 'id-2']);
});

test('a server that fails, or an answer that is none, is no refusal: the write stays, and pauses grow', async () => {
  jest.useFakeTimers();
  let calls = 0;
  const { outbox } = build(() => {
    calls += 1;
    throw calls === 1 ? new UnreachableError() : new SyntaxError('no JSON');
  });
  await outbox.start();
  await outbox.add(body('a'), 1);
  expect(outbox.getState()).toMatchObject({ refused: null, offline: true, pending: [{ id: 'id-1' }] });
  await jest.advanceTimersByTimeAsync(5000);
  expect(calls).toBe(2);
  await jest.advanceTimersByTimeAsync(5000);
  expect(calls).toBe(2);
  await jest.advanceTimersByTimeAsync(5000);
  expect(calls).toBe(3);
  expect(outbox.getState().pending).toHaveLength(1);
});

test('a device that does not tell what it keeps takes nothing away that is pending here', async () => {
  let reached = false;
  const { outbox, shared, sent } = build(() => {
    if (!reached) throw new UnreachableError();
  });
  await outbox.start();
  await outbox.add(body('a'), 3);
  await outbox.add(body('b'), 4);
  shared.mute = true;
  await outbox.flush();
  expect(outbox.getState().pending.map(({ id }) => id)).toEqual(['id-1', 'id-2']);
  reached = true;
  await outbox.flush();
  expect(sent.map(({ id }) => id)).toEqual(['id-1', 'id-2']);
  expect(outbox.getState().pending).toEqual([]);
  // and once it tells again, nothing comes back
  shared.mute = false;
  await outbox.add(body('c'), 5);
  expect(sent.map(({ id }) => id)).toEqual(['id-1', 'id-2', 'id-3']);
});

test('what the device cannot keep is said at once, sent all the same, and forgotten then', async () => {
  let online = false;
  const shared = new Shared();
  shared.full = true;
  const { outbox, sent } = build(() => {
    if (!online) throw new UnreachableError();
  }, shared);
  await outbox.start();
  await outbox.add(body('a'), 1);
  expect(outbox.getState()).toMatchObject({ unkept: ['id-1'], pending: [{ id: 'id-1' }] });
  online = true;
  await outbox.flush();
  expect(sent).toHaveLength(1);
  expect(outbox.getState()).toMatchObject({ unkept: [], pending: [] });
});

test('a stale write stops the queue until it is decided: on top, with a new id and the new versions', async () => {
  let first = true;
  const { outbox, sent, shared } = build(() => {
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
  expect(shared.records.size).toBe(0);
});

test('one entry that is turned down holds up no other job', async () => {
  const { outbox, sent } = build((command) => {
    if (command.body.jobId === 'job')
      throw new RefusedError({ type: 'x', title: 'No', status: 422, code: 'cancelled' });
  });
  await outbox.start();
  await outbox.add(body('mine'), 4);
  await outbox.add(body('behind'), 5);
  await outbox.add({ ...body('elsewhere'), jobId: 'other' } as CommandBody, 1);
  await outbox.add({ ...body('there too'), jobId: 'other' } as CommandBody, 2);
  expect(sent.map((command) => command.body.jobId)).toEqual(['other', 'other']);
  const { pending, refused } = outbox.getState();
  expect(pending.map((command) => (command.body as { recordId: string }).recordId)).toEqual([
    'mine',
    'behind',
  ]);
  expect(refused?.command.id).toBe(pending[0].id);
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

test('or tried again as it is: what stood in its way may be gone', async () => {
  let no = true;
  const { outbox, sent } = build(() => {
    if (no) throw new RefusedError({ type: 'x', title: 'No', status: 422, code: 'ANY-01' });
  });
  await outbox.start();
  await outbox.add(body('mine'), 4);
  expect(outbox.getState().refused).not.toBeNull();
  no = false;
  await outbox.tryRefused();
  expect(sent.map((command) => command.id)).toEqual(['id-1']);
});

test('those who listen hear of a write before it leaves the outbox, so that nothing flickers', async () => {
  const { outbox } = build();
  const seen: number[] = [];
  outbox.onSent(() => seen.push(outbox.getState().pending.length));
  await outbox.start();
  await outbox.add(body('a'), 1);
  expect(seen).toEqual([1]);
});
