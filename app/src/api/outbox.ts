import type { Command, CommandAnswer, CommandBody } from '@barythm/contract/commands';
import type { Problem } from '@barythm/contract/problem';
import { RefusedError, UnreachableError } from './client';

/** Where unsent writes are kept through a reload; IndexedDB in the browser. */
export interface OutboxStore {
  load(): Promise<Command[]>;
  save(commands: readonly Command[]): Promise<void>;
}

export interface OutboxParts {
  readonly store: OutboxStore;
  readonly send: (command: Command) => Promise<CommandAnswer>;
  readonly newId: () => string;
  readonly now: () => string;
}

export interface OutboxState {
  readonly ready: boolean;
  readonly pending: readonly Command[];
  /** the first write, when the server said no to it: it and all behind it wait for a decision */
  readonly refused: { readonly command: Command; readonly problem: Problem } | null;
  readonly offline: boolean;
}

type SentListener = (command: Command, answer: CommandAnswer) => void;

const RETRY_MS = 5000;

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
  private state: OutboxState = { ready: false, pending: [], refused: null, offline: false };
  private readonly listeners = new Set<() => void>();
  private readonly sentListeners = new Set<SentListener>();
  private sending = false;
  private retry: ReturnType<typeof setTimeout> | null = null;

  constructor(private readonly parts: OutboxParts) {}

  /** Takes up what an earlier page left unsent. */
  async start(): Promise<void> {
    const kept = await this.parts.store.load();
    // writes made while loading come after what was kept
    this.set({ ready: true, pending: [...kept, ...this.state.pending] });
    void this.flush();
  }

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
    actor: Command['actor'] = 'Technician 1',
  ): Promise<void> {
    const command: Command = {
      id: this.parts.newId(),
      baseVersion: shownVersion,
      recordedAt: this.parts.now(),
      device: 'web',
      actor,
      body,
    };
    this.set({ pending: [...this.state.pending, command] });
    await this.keep();
    await this.flush();
  }

  /** Sends what is pending, oldest first, until all is sent or something stands in the way. */
  async flush(): Promise<void> {
    if (this.sending || this.state.refused || !this.state.ready) return;
    this.sending = true;
    try {
      while (this.state.pending.length > 0) {
        const [command] = this.state.pending;
        const answer = await this.parts.send(command);
        // told first: what is shown moves over before the write leaves the outbox, so nothing flickers
        for (const listener of this.sentListeners) listener(command, answer);
        this.set({ pending: this.state.pending.slice(1), offline: false });
        await this.keep();
      }
    } catch (error) {
      if (error instanceof RefusedError) {
        this.set({ refused: { command: this.state.pending[0], problem: error.problem }, offline: false });
      } else if (error instanceof UnreachableError) {
        this.set({ offline: true });
        this.retryLater();
      } else throw error;
    } finally {
      this.sending = false;
    }
  }

  /** Drops the write that was refused, and goes on with the rest on top of `version`. */
  async dropRefused(version: number): Promise<void> {
    const { refused, pending } = this.state;
    if (!refused) return;
    await this.goOn(pending.slice(1), refused.command.body.jobId, version);
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
    this.set({ pending: rebased, refused: null });
    await this.keep();
    await this.flush();
  }

  /** Stops trying by itself; what is pending stays kept. */
  stop(): void {
    if (this.retry) clearTimeout(this.retry);
    this.retry = null;
  }

  private retryLater(): void {
    if (this.retry) return;
    this.retry = setTimeout(() => {
      this.retry = null;
      void this.flush();
    }, RETRY_MS);
  }

  private keep(): Promise<void> {
    return this.parts.store.save(this.state.pending);
  }

  private set(change: Partial<OutboxState>): void {
    this.state = { ...this.state, ...change };
    for (const listener of this.listeners) listener();
  }
}
