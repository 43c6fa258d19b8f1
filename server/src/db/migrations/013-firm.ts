import { DataTypes } from 'sequelize';
import type { Migration } from '../migration';

/** The firm that works here, as its papers name it. A line is only added: a paper that was signed keeps the firm of its day. */
export const migration013: Migration = {
  name: '013-firm',
  async up({ context: db }) {
    await db.createTable('firms', {
      id: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      since: { type: DataTypes.STRING, allowNull: false },
      actor: { type: DataTypes.STRING, allowNull: false },
      name: { type: DataTypes.STRING, allowNull: false },
      contact: { type: DataTypes.STRING, allowNull: false },
      logo: { type: DataTypes.TEXT, allowNull: true },
    });
  },
};
