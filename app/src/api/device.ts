import { v7 } from 'uuid';
import { sendCommand } from './client';
import { Outbox } from './outbox';
import { ownName } from '../ui/own-name';
import { unitsWanted } from '../ui/reader';
import { browserStore } from './outbox-store';

/** The app's one outbox, kept in IndexedDB. */
export const outbox = new Outbox({
  store: browserStore(),
  send: sendCommand,
  newId: () => v7(),
  now: () => new Date().toISOString(),
  units: unitsWanted,
  name: ownName,
});

export const newId = (): string => v7();
