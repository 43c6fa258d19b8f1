import { get as load, set as save } from 'idb-keyval';
import { v7 } from 'uuid';
import type { Command } from '@barythm/contract/commands';
import { sendCommand } from './client';
import { Outbox } from './outbox';

const KEY = 'barythm-outbox';

/** The app's one outbox, kept in IndexedDB. */
export const outbox = new Outbox({
  store: {
    load: async () => (await load<Command[]>(KEY)) ?? [],
    save: (commands) => save(KEY, [...commands]),
  },
  send: sendCommand,
  newId: () => v7(),
  now: () => new Date().toISOString(),
});

export const newId = (): string => v7();
