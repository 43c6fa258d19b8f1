import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { Sequelize, Transaction } from 'sequelize';
import sqlite3 from 'sqlite3';
import { defineModels, type Models } from './models';
import { migrate } from './migrate';

/**
 * On every connection: foreign keys are enforced, a write is on the disk before it is acknowledged, and a second
 * connection waits instead of failing.
 */
const BUSY_ms = 3000;
const PRAGMAS = `
  PRAGMA foreign_keys = ON;
  PRAGMA journal_mode = WAL;
  PRAGMA synchronous = FULL;
  PRAGMA busy_timeout = ${BUSY_ms};
`;

/** Sequelize opens a connection for each transaction and has no hook for it with SQLite, so the driver does it. */
class PragmaDatabase extends sqlite3.Database {
  constructor(filename: string, mode: number, done: (error: Error | null) => void) {
    super(filename, mode, (error) => {
      if (error) done(error);
      else this.exec(PRAGMAS, done);
    });
  }
}

export interface Database {
  readonly sequelize: Sequelize;
  readonly models: Models;
  readonly migrations: number;
  /** how many writes have been begun: what was read at the same count still holds */
  writes(): number;
  /** Runs a write alone: one writer at a time, `BEGIN IMMEDIATE`, rolled back when it throws. */
  write<T>(work: (transaction: Transaction) => Promise<T>): Promise<T>;
  /** the file it is in */
  readonly file: string;
  /** how the last write failed by the disk or a lock, and when on the clock of `performance`; null once one was taken again */
  lastFailure(): { readonly error: Error; readonly at: number } | null;
  close(): Promise<void>;
}

/**
 * Whoever waited this long behind writes that a lock kept from the disk is answered with theirs, and does not wait as long again: the
 * phone tries by itself.
 */
const LONGEST_WAIT_ms = BUSY_ms;

/** True for what the disk or a lock did, and no rule of ours. */
function isTrouble(error: unknown): boolean {
  const { message = '', parent } = error as Error & { parent?: Error };
  return (
    /SQLITE_|ENOSPC/.test(`${message} ${parent?.message ?? ''}`) &&
    !/SQLITE_CONSTRAINT/.test(`${message} ${parent?.message ?? ''}`)
  );
}

/** Opens (and if need be makes and migrates) the database in a file. */
export async function openDatabase(file: string): Promise<Database> {
  mkdirSync(dirname(file), { recursive: true });
  const sequelize = new Sequelize({
    dialect: 'sqlite',
    storage: file,
    logging: false,
    // the driver waits for a lock itself; what it could not get in that time is answered, not tried on and on
    retry: { max: 1 },
    dialectModule: { ...sqlite3, Database: PragmaDatabase },
  });
  const migrations = await migrate(sequelize);
  const models = defineModels(sequelize);
  let last: Promise<unknown> = Promise.resolve();
  let writes = 0;
  let failure: ReturnType<Database['lastFailure']> = null;
  return {
    sequelize,
    models,
    migrations,
    writes: () => writes,
    write(work) {
      const asked = performance.now();
      const run = last.then(async () => {
        writes += 1;
        const waited = performance.now() - asked;
        if (waited > LONGEST_WAIT_ms && failure) throw failure.error;
        try {
          const answer = await sequelize.transaction({ type: Transaction.TYPES.IMMEDIATE }, work);
          failure = null;
          return answer;
        } catch (error) {
          if (isTrouble(error)) failure = { error: error as Error, at: performance.now() };
          throw error;
        }
      });
      // counted again at its end, so that what was read while it ran does not pass for what it left
      last = run.catch(() => undefined).then(() => (writes += 1));
      return run;
    },
    file,
    lastFailure: () => failure,
    close: async () => {
      await last;
      await sequelize.close();
    },
  };
}
