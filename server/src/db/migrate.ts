import { QueryTypes, Transaction, type QueryInterface, type Sequelize } from 'sequelize';
import { Umzug, type UmzugStorage } from 'umzug';
import type { Migration } from './migration';
import { migration001 } from './migrations/001-first-slice';
import { migration002 } from './migrations/002-metering-whole';
import { migration003 } from './migrations/003-kept-states';
import { migration004 } from './migrations/004-instruments-measure';
import { migration005 } from './migrations/005-whose-word';
import { migration006 } from './migrations/006-due-in-a-stage';
import { migration007 } from './migrations/007-confirmed';
import { migration008 } from './migrations/008-put-right';
import { migration009 } from './migrations/009-lists';
import { migration010 } from './migrations/010-by-hand';
import { migration011 } from './migrations/011-search';
import { migration012 } from './migrations/012-units';
import { migration013 } from './migrations/013-firm';

/** Migrations in order. A new one is a new file and one line here; a landed one is never edited. */
export const MIGRATIONS = [
  migration001,
  migration002,
  migration003,
  migration004,
  migration005,
  migration006,
  migration007,
  migration008,
  migration009,
  migration010,
  migration011,
  migration012,
  migration013,
];

/** Names of the migrations that are behind a database; the table is the one that earlier versions wrote. */
const META = 'SequelizeMeta';

/**
 * Brings the schema up to date (or to one of its earlier states) and says how many migrations it has behind it. Each migration is
 * one transaction with the note that it was made: a process that is killed in it leaves the schema as it was before.
 */
export async function migrate(
  sequelize: Sequelize,
  migrations: readonly Migration[] = MIGRATIONS,
): Promise<number> {
  await sequelize.query(`CREATE TABLE IF NOT EXISTS ${META} (name VARCHAR(255) NOT NULL PRIMARY KEY)`);
  const umzug = new Umzug({
    migrations: migrations.map(({ name, up }) => ({
      name,
      up: () =>
        sequelize.transaction({ type: Transaction.TYPES.IMMEDIATE }, async (transaction) => {
          await up({ context: inTransaction(sequelize.getQueryInterface(), transaction) });
          await sequelize.query(`INSERT INTO ${META} (name) VALUES ($name)`, {
            bind: { name },
            transaction,
          });
        }),
    })),
    storage: storageOf(sequelize),
    logger: undefined,
  });
  await umzug.up();
  return (await umzug.executed()).length;
}

/** What was made is noted within its own transaction: here it is only read. */
function storageOf(sequelize: Sequelize): UmzugStorage {
  return {
    logMigration: async () => undefined,
    unlogMigration: async () => undefined,
    executed: async () => {
      const rows = await sequelize.query<{ name: string }>(`SELECT name FROM ${META} ORDER BY name`, {
        type: QueryTypes.SELECT,
      });
      return rows.map(({ name }) => name);
    },
  };
}

/** Where the options stand among the arguments of what migrations call. */
const OPTIONS_AT = { createTable: 2, addColumn: 3, addIndex: 2 } as const;

/** A query interface whose every statement belongs to one transaction, whatever a migration passes. */
function inTransaction(db: QueryInterface, transaction: Transaction): QueryInterface {
  const withIn = (args: unknown[], at: number): unknown[] => {
    const options = (args[at] ?? {}) as Record<string, unknown>;
    const filled = Array.from({ length: Math.max(args.length, at + 1) }, (_, i) => args[i]);
    filled[at] = { ...options, transaction };
    return filled;
  };
  const query = (...args: unknown[]) =>
    (db.sequelize.query as (...all: unknown[]) => unknown).apply(db.sequelize, withIn(args, 1));
  return new Proxy(db, {
    get(target, name: string) {
      if (name === 'sequelize')
        return new Proxy(target.sequelize, {
          get: (s, key) => (key === 'query' ? query : (Reflect.get(s, key) as unknown)),
        });
      const member = Reflect.get(target, name) as unknown;
      if (typeof member !== 'function') return member;
      const call = member as (...all: unknown[]) => unknown;
      if (!(name in OPTIONS_AT)) return call.bind(target);
      return (...args: unknown[]) => {
        // an index may be named by its fields alone, or by one object that is its options too
        const at =
          name === 'addIndex' && !Array.isArray(args[1]) ? 1 : OPTIONS_AT[name as keyof typeof OPTIONS_AT];
        return call.apply(target, withIn(args, at));
      };
    },
  });
}
