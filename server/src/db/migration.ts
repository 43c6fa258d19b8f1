import type { QueryInterface } from 'sequelize';

/** One step of the schema, forward only. */
export interface Migration {
  readonly name: string;
  up(params: { context: QueryInterface }): Promise<void>;
}
