import { DataTypes, QueryTypes } from 'sequelize';
import type { Migration } from '../migration';
import { firstLabelCode } from '../label-code';

/** Short codes on pumps for their labels, and what earlier jobs measured at a unit. */
export const migration002: Migration = {
  name: '002-metering-whole',
  async up({ context: db }) {
    await db.addColumn('jobs', 'earlier', { type: DataTypes.TEXT, allowNull: true });
    await db.addColumn('pumps', 'code', { type: DataTypes.STRING, allowNull: true });
    const pumps = await db.sequelize.query<{ id: string }>('SELECT id FROM pumps', {
      type: QueryTypes.SELECT,
    });
    for (const { id } of pumps) {
      await db.sequelize.query('UPDATE pumps SET code = :code WHERE id = :id', {
        replacements: { code: firstLabelCode(id), id },
      });
    }
    await db.addIndex('pumps', { fields: ['code'], unique: true });
    await db.addIndex('records', ['kind', 'jobId']);
  },
};
