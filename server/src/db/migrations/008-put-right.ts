import { DataTypes } from 'sequelize';
import type { Migration } from '../migration';

/**
 * What the register calls a pump, a unit and a site can be put right; what it was called before is kept, since a hand-over says what
 * it said. A pump and a site are retired, and never deleted.
 */
export const migration008: Migration = {
  name: '008-put-right',
  async up({ context: db }) {
    const text = { type: DataTypes.STRING, allowNull: false };
    await db.createTable('register_changes', {
      id: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      what: text,
      whatId: text,
      changedAt: text,
      actor: text,
      before: { type: DataTypes.TEXT, allowNull: false },
    });
    await db.addIndex('register_changes', ['whatId', 'changedAt']);
    for (const table of ['pumps', 'sites'])
      await db.addColumn(table, 'retiredOn', { type: DataTypes.STRING, allowNull: true });
    // a list of what is in use is cut from an index, however many there are
    await db.sequelize.query('CREATE INDEX pumps_in_use ON pumps (tag, id) WHERE retiredOn IS NULL');
  },
};
