import type { UnitsWanted } from '@barythm/core/units';
import type { Command, CommandAnswer, CommandBody } from '@barythm/contract/commands';
import type { Problem } from '@barythm/contract/problem';
import { UNNAMED } from '../ui/own-name';
import { RefusedError } from './client';

/** Where unsent writes are kept through a reload, one record each, for all tabs of a browser. */
export interface OutboxStore {
  /** notes a write in the same moment; throws where the device cannot */
  note(command: Command): void;
  /** keeps a write for good; rejects where the device cannot */
  put(command: Command): Promise<void>;
  drop(id: string): Promise<void>;
  /** what is unsent, the oldest first; not whole where the device could not be asked for all of it */
  load(): Promise<{ readonly commands: readonly Command[]; readonly whole: boolean }>;
  /** tells the other tabs that a write was taken */
  told(command: Command, answer: CommandAnswer): void;
  /** hears from the other tabs: that what is kept changed, and what was sent */
  onTold(changed: () => void, sent: SentListener): void;
  /** runs work while no other tab does */
  alone<T>(work: () => Promise<T>): Promise<T>;
}

export interface OutboxParts {
  readonly store: OutboxStore;
  readonly send: (command: Command) => Promise<CommandAnswer>;
  readonly newId: () => string;
  readonly now: () => string;
  /** the units that whoever writes reads in; metric where left out */
  readonly units?: () => UnitsWanted;
  /** whoever works on this device, as papers name them */
  readonly name?: () => string;
}

export interface OutboxState {
  readonly ready: boolean;
  readonly pending: readonly Command[];
  /** a write that the server said no to: it and what is behind it on the same job wait for a decision */
  readonly refused: Refused | null;
  readonly offline: boolean;
  /** ids of writes that this device could not keep: they are in this page only until they are sent */
  readonly unkept: readonly string[];
}

/** A write that was turned down, and why. */
export interface Refused {
  readonly command: Command;
  readonly problem: Problem;
}

export type SentListener = (command: Command, answer: CommandAnswer) => void;

/** The first pause before a write is sent again; each one after it is twice as long, up to the longest. */
const RETRY_MS = 5000;
const RETRY_LONGEST_MS = 5 * 60_000;

/**
 * All writes go through here, one after the other. A write is kept on the device before it is sent and until the
 * server has it; sent twice it counts once, since its id was made here.
 *
 * @example
 * const outbox = new Outbox({ store, send, newId, now });
 * await outbox.start();
 * outbox.add({ kind: 'job.record', … }, documentVersion);
 */
export class Outbox {
  private state: OutboxState = { ready: false, pending: [], refused: null, offline: false, unkept: [] };
  private readonly listeners = new Set<() => void>();
  private readonly sentListeners = new Set<SentListener>();
  private sending: Promise<void> | null = null;
  private retry: ReturnType<typeof setTimeout> | null = null;
  private failures = 0;

  constructor(private readonly parts: OutboxParts) {}

  /** Takes up what an earlier page left unsent, and listens to what other tabs do. */
  async start(): Promise<void> {
    if (!this.listening) {
      this.listening = true;
      this.parts.store.onTold(
        () => void this.reload(),
        (command, answer) => {
          for (const listener of this.sentListeners) listener(command, answer);
        },
      );
    }
    await this.reload();
    this.set({ ready: true });
    // what was noted when a page went away is kept for good now
    for (const command of this.state.pending) await this.keep(command);
    void this.flush();
  }

  private listening = false;

  /**
   * What is kept, with what only this page has. Where the device does not tell all that it keeps, nothing that is pending here is
   * given up: a write that another tab sent meanwhile is sent once more, and counts once.
   */
  private async reload(): Promise<void> {
    const { commands, whole } = await this.parts.store.load();
    const here = this.state.pending.filter(
      ({ id }) => !whole || this.state.unkept.includes(id) || this.keeping.has(id),
    );
    const [first, then] = whole ? [commands, here] : [here, commands];
    const known = new Set(first.map(({ id }) => id));
    this.set({ pending: [...first, ...then.filter(({ id }) => !known.has(id))] });
  }

  private readonly keeping = new Set<string>();

  readonly getState = (): OutboxState => this.state;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Told of each write the server has taken. */
  onSent(listener: SentListener): () => void {
    this.sentListeners.add(listener);
    return () => this.sentListeners.delete(listener);
  }

  /** Queues a write. `shownVersion` is the job's version on screen, with all that is pending already counted. */
  async add(
    body: CommandBody,
    shownVersion: number,
    actor: Command['actor'] = this.parts.name?.() ?? UNNAMED,
  ): Promise<void> {
    const units = this.parts.units?.() ?? 'metric';
    const command: Command = {
      id: this.parts.newId(),
      baseVersion: shownVersion,
      recordedAt: this.parts.now(),
      device: 'web',
      actor,
      ...(units === 'metric' ? {} : { units }),
      body,
    };
    this.set({ pending: [...this.state.pending, command] });
    this.keeping.add(command.id);
    await this.keep(command);
    this.keeping.delete(command.id);
    await this.flush();
  }

  /** Sends what is pending, oldest first, until all is sent or something stands in the way of the rest. One tab sends at a time. */
  async flush(): Promise<void> {
    if (this.sending) {
      await this.sending;
      // what came in while the last round ended is sent now; what could not be sent waits for its pause
      if (this.state.offline) return;
    }
    if (!this.state.ready || !this.next()) return;
    this.sending ??= this.sendAll().finally(() => (this.sending = null));
    await this.sending;
  }

  private async sendAll(): Promise<void> {
    try {
      await this.parts.store.alone(async () => {
        // another tab may have sent what was pending here
        await this.reload();
        for (let command = this.next(); command; command = this.next()) {
          const answer = await this.sent(command);
          if (!answer) continue;
          this.failures = 0;
          // told first: what is shown moves over before the write leaves the outbox, so nothing flickers
          for (const listener of this.sentListeners) listener(command, answer);
          const { id } = command;
          this.set({ pending: this.state.pending.filter((other) => other.id !== id), offline: false });
          await this.forget(id);
          this.parts.store.told(command, answer);
        }
      });
    } catch {
      // not a refusal: the network, a proxy, a server that fails; the write stays and is sent again
      this.set({ offline: true });
      this.retryLater();
    }
  }

  /** Writes that were turned down, by their job: what is behind one on the same job waits, every other job goes on. */
  private readonly turnedDown = new Map<string, Refused>();

  /** The oldest write whose job waits for no decision. */
  private next(): Command | undefined {
    return this.state.pending.find(({ body }) => !this.turnedDown.has(body.jobId));
  }

  /** The answer to a write; null where the server said no to it. */
  private async sent(command: Command): Promise<CommandAnswer | null> {
    try {
      return await this.parts.send(command);
    } catch (error) {
      if (!(error instanceof RefusedError)) throw error;
      this.turnedDown.set(command.body.jobId, { command, problem: error.problem });
      this.failures = 0;
      this.set({ refused: this.firstRefused(), offline: false });
      return null;
    }
  }

  private firstRefused(): Refused | null {
    return this.turnedDown.values().next().value ?? null;
  }

  /** Sends the refused write once more as it is: what stood in its way may be gone. */
  async tryRefused(): Promise<void> {
    const { refused } = this.state;
    if (!refused) return;
    this.turnedDown.delete(refused.command.body.jobId);
    this.set({ refused: this.firstRefused() });
    await this.flush();
  }

  /** Drops the write that was refused, and goes on with the rest on top of `version`. */
  async dropRefused(version: number): Promise<void> {
    const { refused, pending } = this.state;
    if (!refused) return;
    const others = pending.filter(({ id }) => id !== refused.command.id);
    await this.goOn(others, refused.command.body.jobId, version);
  }

  /** Sends the refused write again, on top of what the server has now. For a stale version only. */
  async keepRefused(version: number): Promise<void> {
    const { refused, pending } = this.state;
    if (refused) await this.goOn(pending, refused.command.body.jobId, version);
  }

  private async goOn(pending: readonly Command[], jobId: string, version: number): Promise<void> {
    let next = version;
    // a write that changes its base is a new write: it gets a new id
    const rebased = pending.map((command) =>
      command.body.jobId === jobId ? { ...command, id: this.parts.newId(), baseVersion: next++ } : command,
    );
    const before = this.state.pending;
    this.turnedDown.delete(jobId);
    this.set({ pending: rebased, refused: this.firstRefused() });
    // the new ones are kept before the old ones go
    for (const command of rebased) if (!before.includes(command)) await this.keep(command);
    for (const command of before) if (!rebased.includes(command)) await this.forget(command.id);
    await this.flush();
  }

  /** Stops trying by itself; what is pending stays kept. */
  stop(): void {
    if (this.retry) clearTimeout(this.retry);
    this.retry = null;
  }

  private retryLater(): void {
    if (this.retry) return;
    const pause = Math.min(RETRY_LONGEST_MS, RETRY_MS * 2 ** this.failures);
    this.failures += 1;
    this.retry = setTimeout(() => {
      this.retry = null;
      void this.flush();
    }, pause);
  }

  /** Keeps a write on the device: noted at once, then for good. What the device cannot keep is said so. */
  private async keep(command: Command): Promise<void> {
    let noted = true;
    try {
      this.parts.store.note(command);
    } catch {
      noted = false;
    }
    try {
      await this.parts.store.put(command);
    } catch {
      if (!noted) this.set({ unkept: [...this.state.unkept, command.id] });
    }
  }

  private async forget(id: string): Promise<void> {
    this.set({ unkept: this.state.unkept.filter((other) => other !== id) });
    await this.parts.store.drop(id).catch(() => undefined);
  }

  private set(change: Partial<OutboxState>): void {
    this.state = { ...this.state, ...change };
    for (const listener of this.listeners) listener();
  }
}
