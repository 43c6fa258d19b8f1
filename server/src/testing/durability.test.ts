import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { QueryTypes } from 'sequelize';
import { MIGRATIONS, openDatabase } from '../db';

const folder = mkdtempSync(join(tmpdir(), 'barythm-kill-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

test('killed at any moment, no acknowledged write is lost and the database opens clean', async () => {
  const file = join(folder, 'barythm.sqlite');
  const writer = spawn(
    join(__dirname, '../../../node_modules/.bin/tsx'),
    [join(__dirname, 'endless-writer.ts'), file],
    {
      stdio: ['ignore', 'pipe', 'inherit'],
      detached: true,
    },
  );
  let acknowledged = 0;
  await new Promise<void>((done) => {
    writer.stdout.on('data', (chunk: Buffer) => {
      acknowledged = Math.max(acknowledged, ...chunk.toString().trim().split('\n').map(Number));
      if (acknowledged >= 40) done();
    });
  });
  const gone = new Promise((done) => writer.on('exit', done));
  // the whole group: the runner and the process that writes
  process.kill(-writer.pid!, 'SIGKILL');
  await gone;
  const database = await openDatabase(file);
  const [check] = await database.sequelize.query<Record<string, string>>('PRAGMA integrity_check', {
    type: QueryTypes.SELECT,
  });
  expect(Object.values(check)).toEqual(['ok']);
  const ids = (await database.models.sites.findAll({ attributes: ['id'] })).map((row) => row.get('id'));
  for (let i = 1; i <= acknowledged; i++) expect(ids).toContain(`site-${i}`);
  await database.close();
}, 60_000);

test('every connection enforces foreign keys, waits for others and writes through', async () => {
  const database = await openDatabase(join(folder, 'pragmas.sqlite'));
  const pragma = async (name: string) => {
    const [row] = await database.sequelize.query<Record<string, unknown>>(`PRAGMA ${name}`, {
      type: QueryTypes.SELECT,
    });
    return Object.values(row)[0];
  };
  expect(await pragma('foreign_keys')).toBe(1);
  expect(await pragma('journal_mode')).toBe('wal');
  expect(await pragma('synchronous')).toBe(2);
  expect(await pragma('busy_timeout')).toBe(5000);
  const orphan = database.write((transaction) =>
    database.models.pumps.create(
      {
        id: 'p',
        siteId: 'none',
        tag: 't',
        name: 'n',
        place: 'p',
        family: 'metering',
        note: '',
        actor: 'Workshop',
      },
      { transaction },
    ),
  );
  await expect(orphan).rejects.toThrow(/FOREIGN KEY/);
  expect(await database.models.pumps.count()).toBe(0);
  await database.close();
});

test('opened again, a database with data keeps it and migrates nothing twice', async () => {
  const file = join(folder, 'again.sqlite');
  const first = await openDatabase(file);
  await first.models.sites.create({ id: 's', name: 'S', place: 'P', zone: 'UTC', actor: 'Workshop' });
  await first.close();
  const second = await openDatabase(file);
  expect(second.migrations).toBe(MIGRATIONS.length);
  expect(await second.models.sites.count()).toBe(1);
  await second.close();
});
