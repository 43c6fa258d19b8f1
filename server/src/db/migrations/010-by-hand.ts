import { DataTypes } from 'sequelize';
import type { Migration } from '../migration';

/** A target may be a technician's own, and a job may be about a few settings; before that every target was its plan's, and every job whole. */
export const migration010: Migration = {
  name: '010-by-hand',
  async up({ context: db }) {
    await db.addColumn('sheet_entries', 'by', { type: DataTypes.STRING, allowNull: true });
    await db.addColumn('jobs', 'small', { type: DataTypes.INTEGER, allowNull: true });
  },
};
