import { mkdirSync, renameSync, rmSync } from 'node:fs';
import { dirname } from 'node:path';
import { QueryTypes } from 'sequelize';
import type { Clock } from '../clock';
import { openDatabase } from '../db';
import { makeDemoData } from './demo-data';

const PARTS = ['', '-wal', '-shm', '-journal'];

/**
 * Makes a database with the demo data in it, whole or not at all: it is made beside its place and put there once it is done. What a
 * process that was killed meanwhile left beside it is thrown away.
 */
export async function makeDemoFile(file: string, clock: Clock, fill = makeDemoData): Promise<void> {
  mkdirSync(dirname(file), { recursive: true });
  const making = `${file}.making`;
  for (const part of PARTS) rmSync(making + part, { force: true });
  const database = await openDatabase(making);
  try {
    await fill(database, clock);
    // one file from here on: nothing of it may stay behind in a log
    await database.sequelize.query('PRAGMA wal_checkpoint(TRUNCATE)', { type: QueryTypes.SELECT });
  } finally {
    await database.close();
  }
  for (const part of ['-wal', '-shm']) rmSync(making + part, { force: true });
  for (const part of PARTS.slice(1)) rmSync(file + part, { force: true });
  renameSync(making, file);
}
