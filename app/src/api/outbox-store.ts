import type { Command, CommandAnswer } from '@barythm/contract/commands';
import { createStore, del, entries, get, set, type UseStore } from 'idb-keyval';
import type { OutboxStore } from './outbox';

/** Where a write is noted in the same moment as it is made: it is there though the page goes before the database answered. */
const NOTE = 'barythm-unsent:';
/** The one list of earlier versions, which every tab overwrote. */
const OLD_KEY = 'barythm-outbox';

/** Told to the other tabs of this browser. */
type Told =
  | { readonly kind: 'changed' }
  | { readonly kind: 'sent'; readonly command: Command; readonly answer: CommandAnswer };

/** Unsent writes in IndexedDB, one record each, with a note in the local store until the record is there. */
export function browserStore(): OutboxStore {
  let kept: UseStore | null = null;
  const store = () => (kept ??= createStore('barythm-outbox', 'commands'));
  const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('barythm-outbox');
  // outside a browser an open channel would keep the process alive
  (channel as { unref?: () => void } | null)?.unref?.();
  const tell = (told: Told) => channel?.postMessage(told);
  return {
    note: (command) => localStorage.setItem(NOTE + command.id, JSON.stringify(command)),
    async put(command) {
      await set(command.id, command, store());
      localStorage.removeItem(NOTE + command.id);
      tell({ kind: 'changed' });
    },
    async drop(id) {
      localStorage.removeItem(NOTE + id);
      await del(id, store());
      tell({ kind: 'changed' });
    },
    async load() {
      const noted = notes();
      const records = await all(store).catch(() => null);
      return { commands: byAge([...(records ?? []), ...noted]), whole: records !== null };
    },
    told: (command, answer) => tell({ kind: 'sent', command, answer }),
    onTold(changed, sent) {
      channel?.addEventListener('message', ({ data }: MessageEvent<Told>) => {
        if (data.kind === 'sent') sent(data.command, data.answer);
        else changed();
      });
    },
    alone: (work) =>
      typeof navigator !== 'undefined' && navigator.locks
        ? (navigator.locks.request('barythm-sender', work) as ReturnType<typeof work>)
        : work(),
  };
}

async function all(store: () => UseStore): Promise<Command[]> {
  const old = await get<Command[]>(OLD_KEY).catch(() => undefined);
  if (old) {
    for (const command of old) await set(command.id, command, store());
    await del(OLD_KEY);
  }
  return (await entries<string, Command>(store())).map(([, command]) => command);
}

function notes(): Command[] {
  const names = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i) ?? '');
  return names
    .filter((name) => name.startsWith(NOTE))
    .flatMap((name) => {
      try {
        return [JSON.parse(localStorage.getItem(name) ?? '') as Command];
      } catch {
        return [];
      }
    });
}

/** Oldest first, each once: their ids are made in the order of time. */
function byAge(commands: readonly Command[]): Command[] {
  const each = new Map(commands.map((command) => [command.id, command]));
  return [...each.values()].sort((a, b) => (a.id < b.id ? -1 : 1));
}
