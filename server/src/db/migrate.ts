import type { QueryInterface, Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { migration001 } from './migrations/001-first-slice';

/** Migrations in order. A new one is a new file and one line here; a landed one is never edited. */
export const MIGRATIONS = [migration001];

export interface Migration {
  readonly name: string;
  up(params: { context: QueryInterface }): Promise<void>;
}

/** Brings the schema up to date and says how many migrations it has behind it. */
export async function migrate(sequelize: Sequelize): Promise<number> {
  const umzug = new Umzug({
    migrations: MIGRATIONS.map(({ name, up }) => ({ name, up })),
    context: sequelize.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize }),
    logger: undefined,
  });
  await umzug.up();
  return (await umzug.executed()).length;
}
