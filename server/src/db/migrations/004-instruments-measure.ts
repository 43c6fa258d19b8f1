import { DataTypes } from 'sequelize';
import type { Migration } from '../migration';

/** What an instrument measures or sends: only one that fits is offered where something is read. */
export const migration004: Migration = {
  name: '004-instruments-measure',
  async up({ context: db }) {
    await db.addColumn('instruments', 'measures', { type: DataTypes.STRING, allowNull: true });
  },
};
