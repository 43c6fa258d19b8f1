import { copyFileSync, existsSync, mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { fileURLToPath } from 'node:url';
import { join } from 'node:path';
import { buildServer } from '@barythm/server/app';
import { frozenClock } from '@barythm/server/clock';
import { openDatabase, type Database } from '@barythm/server/db';
import { Browser } from './browser';

export const NOW = '2026-11-24T10:30:00.000Z';
const BUILD = fileURLToPath(new URL('../../.build', import.meta.url));

export interface Stage {
  readonly address: string;
  readonly browser: Browser;
  readonly database: Database;
  close(): Promise<void>;
}

/** A server on a copy of the demo database with the built app, and a browser of the size asked for. */
export async function openStage(size: { width: number; height: number }): Promise<Stage> {
  const folder = mkdtempSync(join(tmpdir(), 'barythm-journey-'));
  for (const part of ['', '-wal', '-shm']) {
    const from = join(BUILD, 'demo', `barythm.sqlite${part}`);
    if (existsSync(from)) copyFileSync(from, join(folder, `barythm.sqlite${part}`));
  }
  const database = await openDatabase(join(folder, 'barythm.sqlite'));
  const app = await buildServer({ database, clock: frozenClock(NOW), webRoot: join(BUILD, 'web') });
  const address = await app.listen({ host: '127.0.0.1', port: 0 });
  mkdirSync(join(BUILD, 'e2e/failed'), { recursive: true });
  const browser = await Browser.open(address, { size, now: NOW }, join(BUILD, 'e2e/failed'));
  return {
    address,
    browser,
    database,
    close: async () => {
      await browser.close();
      await app.close();
      await database.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
