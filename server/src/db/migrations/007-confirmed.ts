import { DataTypes } from 'sequelize';
import type { Migration } from '../migration';

/** A line of the sheet may have been confirmed as it was known, and not read; none was before it was asked. */
export const migration007: Migration = {
  name: '007-confirmed',
  async up({ context: db }) {
    await db.addColumn('sheet_entries', 'confirmed', { type: DataTypes.INTEGER, allowNull: true });
  },
};
