import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { QueryTypes, Sequelize } from 'sequelize';
import { migrate, MIGRATIONS } from './migrate';

const folder = mkdtempSync(join(tmpdir(), 'barythm-due-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

test('what fell due by an older version is worked out anew, with the stage in which it is done', async () => {
  const db = new Sequelize({ dialect: 'sqlite', storage: join(folder, 'old.sqlite'), logging: false });
  await migrate(db, MIGRATIONS.slice(0, 5));
  for (const row of [
    `sites (id, name, place, zone, actor) VALUES ('s', 'S', 'P', 'UTC', 'Workshop')`,
    `pumps (id, siteId, tag, name, place, family, note, actor)
       VALUES ('p', 's', 'A-1', 'A', '', 'spa', '', 'Workshop')`,
    `dues (pumpId, kind, words, date) VALUES ('p', 'service', 'Try the protection.', '2026-12-01')`,
    `pump_states (pumpId, asOf, stops, warns, notes, worst) VALUES ('p', '2026-11-24', 0, 0, 0, '')`,
  ])
    await db.query(`INSERT INTO ${row}`);
  await migrate(db);
  const all = (sql: string) => db.query(sql, { type: QueryTypes.SELECT });
  expect(await all('SELECT * FROM dues')).toEqual([]);
  // of no day: it is looked at before anybody asks for it
  expect(await all('SELECT asOf FROM pump_states')).toEqual([{ asOf: '' }]);
  await db.query(
    `INSERT INTO dues (pumpId, "key", stage, words, date) VALUES ('p', 'protection', 'prove', 'Try it.', NULL)`,
  );
  expect(await all('SELECT "key", stage FROM dues')).toEqual([{ key: 'protection', stage: 'prove' }]);
  await db.close();
});
