import { DataTypes } from 'sequelize';
import type { Migration } from '../migration';

/**
 * What stands open and what falls due at each pump, kept as rows so that the round asks for them and works nothing out; when the
 * plate of a unit was read; and indexes for what is looked up by them.
 */
export const migration003: Migration = {
  name: '003-kept-states',
  async up({ context: db }) {
    const text = { type: DataTypes.STRING, allowNull: false };
    await db.createTable('pump_states', {
      pumpId: { type: DataTypes.STRING, primaryKey: true, references: { model: 'pumps', key: 'id' } },
      /** the site's date it was worked out on */
      asOf: text,
      stops: { type: DataTypes.INTEGER, allowNull: false },
      warns: { type: DataTypes.INTEGER, allowNull: false },
      notes: { type: DataTypes.INTEGER, allowNull: false },
      worst: { type: DataTypes.TEXT, allowNull: true },
      strip: { type: DataTypes.TEXT, allowNull: true },
    });
    await db.createTable('dues', {
      id: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      pumpId: { ...text, references: { model: 'pumps', key: 'id' } },
      kind: text,
      words: { type: DataTypes.TEXT, allowNull: false },
      date: { type: DataTypes.STRING, allowNull: true },
    });
    await db.addColumn('units', 'plateReadAt', { type: DataTypes.STRING, allowNull: true });
    // any three signs in a row of tag, name, place and site lead to a pump, however many there are
    const columns = 'p.id, p.tag, p.name, p.place, s.name';
    const from = 'FROM pumps p JOIN sites s ON s.id = p.siteId';
    for (const sql of [
      "CREATE VIRTUAL TABLE pump_search USING fts5(id UNINDEXED, tag, name, place, site, tokenize = 'trigram')",
      `INSERT INTO pump_search (id, tag, name, place, site) SELECT ${columns} ${from}`,
      `CREATE TRIGGER pump_search_added AFTER INSERT ON pumps BEGIN
         INSERT INTO pump_search (id, tag, name, place, site) SELECT ${columns} ${from} WHERE p.id = new.id;
       END`,
      `CREATE TRIGGER pump_search_changed AFTER UPDATE OF tag, name, place, siteId ON pumps BEGIN
         DELETE FROM pump_search WHERE id = old.id;
         INSERT INTO pump_search (id, tag, name, place, site) SELECT ${columns} ${from} WHERE p.id = new.id;
       END`,
      `CREATE TRIGGER pump_search_gone AFTER DELETE ON pumps BEGIN
         DELETE FROM pump_search WHERE id = old.id;
       END`,
    ]) {
      await db.sequelize.query(sql);
    }
    await db.addIndex('pump_states', ['asOf']);
    await db.addIndex('pump_states', ['stops', 'warns']);
    await db.addIndex('dues', ['pumpId']);
    await db.addIndex('dues', ['date']);
    await db.addIndex('units', ['pumpId']);
    await db.addIndex('jobs', ['visitId']);
    await db.addIndex('visits', ['date']);
  },
};
