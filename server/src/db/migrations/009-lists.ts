import type { Migration } from '../migration';

/** The register is listed by kind of pump and by site too, each page cut from an index. */
export const migration009: Migration = {
  name: '009-lists',
  async up({ context: db }) {
    const run = (sql: string) => db.sequelize.query(sql);
    await run('CREATE INDEX pumps_of_family ON pumps (family, tag, id) WHERE retiredOn IS NULL');
    await run('CREATE INDEX pumps_of_site ON pumps (siteId, tag, id) WHERE retiredOn IS NULL');
    await run('CREATE INDEX sites_by_name ON sites (name, id)');
  },
};
