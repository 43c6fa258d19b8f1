import type { QueryInterface, Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { migration001 } from './migrations/001-first-slice';
import { migration002 } from './migrations/002-metering-whole';

/** Migrations in order. A new one is a new file and one line here; a landed one is never edited. */
export const MIGRATIONS = [migration001, migration002];

export interface Migration {
  readonly name: string;
  up(params: { context: QueryInterface }): Promise<void>;
}

/** Brings the schema up to date (or to one of its earlier states) and says how many migrations it has behind it. */
export async function migrate(sequelize: Sequelize, migrations = MIGRATIONS): Promise<number> {
  const umzug = new Umzug({
    migrations: migrations.map(({ name, up }) => ({ name, up })),
    context: sequelize.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize }),
    logger: undefined,
  });
  await umzug.up();
  return (await umzug.executed()).length;
}
