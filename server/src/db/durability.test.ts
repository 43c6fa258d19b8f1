import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { QueryTypes, Sequelize } from 'sequelize';
import { buildServer } from '../app';
import { frozenClock } from '../clock';
import { LockedError, MIGRATIONS, openDatabase, takeLock } from '.';
import { migrate } from './migrate';
import { makeDemoFile } from '../demo';

const folder = mkdtempSync(join(tmpdir(), 'barythm-kill-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

test('killed at any moment, no acknowledged write is lost and the database opens clean', async () => {
  const file = join(folder, 'barythm.sqlite');
  const writer = spawn(
    join(__dirname, '../../../node_modules/.bin/tsx'),
    [join(__dirname, '../testing/endless-writer.ts'), file],
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
}, 180_000);

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
  expect(await pragma('busy_timeout')).toBe(3000);
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

test('a migration that is broken off at any statement leaves the schema as it was, and is made whole the next time', async () => {
  const sequelizeAt = (file: string, at: number) => {
    let statements = 0;
    return new Sequelize({
      dialect: 'sqlite',
      storage: file,
      logging: () => {
        statements += 1;
        if (statements === at) throw new Error('killed');
      },
    });
  };
  const whole = new Sequelize({ dialect: 'sqlite', storage: join(folder, 'whole.sqlite'), logging: false });
  await migrate(whole);
  const schemaOf = async (sequelize: Sequelize) =>
    (
      await sequelize.query<{ sql: string | null }>('SELECT sql FROM sqlite_master ORDER BY type, name', {
        type: QueryTypes.SELECT,
      })
    ).map(({ sql }) => sql);
  const wanted = await schemaOf(whole);
  await whole.close();
  let broken = 0;
  for (let at = 2; ; at += 3) {
    const file = join(folder, `broken-${at}.sqlite`);
    const dying = sequelizeAt(file, at);
    const died = await migrate(dying).then(
      () => false,
      () => true,
    );
    await dying.close();
    if (!died) break;
    broken += 1;
    const again = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
    await migrate(again);
    expect(await schemaOf(again)).toEqual(wanted);
    await again.close();
  }
  expect(broken).toBeGreaterThan(10);
}, 180_000);

test('demo data is there whole or not at all: what was half made beside it is thrown away', async () => {
  const file = join(folder, 'demo', 'barythm.sqlite');
  const making = (count: number, fails = false) =>
    makeDemoFile(file, frozenClock('2026-11-24T10:30:00.000Z'), async ({ models }) => {
      for (let i = 0; i < count; i++)
        await models.sites.create({ id: `s-${i}`, name: 'S', place: 'P', zone: 'UTC', actor: 'Workshop' });
      if (fails) throw new Error('no more room');
    });
  const sites = async () => {
    const database = await openDatabase(file);
    const count = await database.models.sites.count();
    await database.close();
    return count;
  };
  await making(2);
  expect(await sites()).toBe(2);
  await expect(making(5, true)).rejects.toThrow('no more room');
  expect(await sites()).toBe(2);
  // a process that was killed while it made another leaves this behind
  writeFileSync(`${file}.making`, 'half a database');
  await making(3);
  expect(existsSync(`${file}.making`)).toBe(false);
  expect(await sites()).toBe(3);
});

test('a second server on one folder is refused while the first lives; what a killed one left is taken over', () => {
  const file = join(folder, 'locked.sqlite');
  const unlock = takeLock(file);
  // this process itself may take it again, as a restart in place does; a living other may not
  writeFileSync(`${file}.lock`, String(process.ppid));
  expect(() => takeLock(file)).toThrow(LockedError);
  writeFileSync(`${file}.lock`, '4194999');
  takeLock(file)();
  // numbers are used again: one that lives now and was started at another time is not the one that wrote it
  writeFileSync(`${file}.lock`, `${process.ppid} 1`);
  takeLock(file)();
  // nor is one of an older lock, without its start, that runs something else
  const other = spawn('sleep', ['60']);
  writeFileSync(`${file}.lock`, String(other.pid));
  takeLock(file)();
  other.kill();
  unlock();
  expect(existsSync(`${file}.lock`)).toBe(false);
});

test('a database that another program holds is answered in words, within the time that it waits', async () => {
  const file = join(folder, 'busy.sqlite');
  const database = await openDatabase(file);
  const app = await buildServer({ database, clock: frozenClock('2026-11-24T10:30:00.000Z') });
  const other = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
  await other.query('BEGIN IMMEDIATE');
  const start = Date.now();
  const answer = await app.inject({
    method: 'POST',
    url: '/api/v1/profiles',
    payload: JSON.parse(
      readFileSync(join(__dirname, '../../../profiles/three-key-contact.json'), 'utf8'),
    ) as object,
  });
  expect(answer.statusCode).toBe(503);
  expect(answer.json()).toMatchObject({
    code: 'unavailable',
    detail: expect.stringContaining('Another program is writing'),
  });
  expect(answer.headers['retry-after']).toBe('5');
  expect(Date.now() - start).toBeLessThan(8000);
  expect((await app.inject('/api/v1/health')).statusCode).toBe(503);
  await other.query('ROLLBACK');
  // it goes by how the last write ended: the next one that is taken says that writes are taken
  await database.write(async (transaction) => {
    await database.models.sites.create(
      { id: 's', name: 'S', place: 'P', zone: 'UTC', actor: 'Workshop' },
      { transaction },
    );
  });
  expect((await app.inject('/api/v1/health')).statusCode).toBe(200);
  await other.close();
  await app.close();
  await database.close();
}, 30_000);
