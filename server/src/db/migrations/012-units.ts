import type { Migration } from '../migration';

/** A unit is found by its serial: the same one does not stand at two places. */
export const migration012: Migration = {
  name: '012-units',
  async up({ context: db }) {
    await db.addIndex('units', ['serial']);
  },
};
