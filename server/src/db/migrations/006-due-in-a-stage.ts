import { DataTypes } from 'sequelize';
import type { Migration } from '../migration';

/** What falls due carries a name of its family’s own, and the stage in which it is done; all of it is worked out anew. */
export const migration006: Migration = {
  name: '006-due-in-a-stage',
  async up({ context: db }) {
    await db.sequelize.query('DELETE FROM dues');
    await db.sequelize.query('ALTER TABLE dues RENAME COLUMN kind TO "key"');
    await db.addColumn('dues', 'stage', {
      type: DataTypes.STRING,
      allowNull: false,
      defaultValue: 'as-found',
    });
    await db.sequelize.query("UPDATE pump_states SET asOf = ''");
  },
};
