import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { QueryTypes } from 'sequelize';
import { openDatabase } from '../src/db';

/** Kills a writing process at seeded moments: what was acknowledged must be there, and the database must open clean. */
const option = (name: string, usual: number) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? usual : Number(process.argv[at + 1]);
};
const runs = option('runs', 10);
const seed = option('seed', 1);
const writer = fileURLToPath(new URL('../src/testing/endless-writer.ts', import.meta.url));
const tsx = fileURLToPath(new URL('../../node_modules/.bin/tsx', import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'barythm-kills-'));

/** Waits for a number of acknowledged writes, kills the writer, and says how many it had acknowledged by then. */
async function killAfter(file: string, writes: number): Promise<number> {
  const child = spawn(tsx, [writer, file], { stdio: ['ignore', 'pipe', 'inherit'], detached: true });
  let acknowledged = 0;
  await new Promise<void>((done) => {
    child.stdout.on('data', (chunk: Buffer) => {
      acknowledged = Math.max(acknowledged, ...chunk.toString().trim().split('\n').map(Number));
      if (acknowledged >= writes) done();
    });
  });
  const gone = new Promise((done) => child.on('exit', done));
  process.kill(-child.pid!, 'SIGKILL');
  await gone;
  return acknowledged;
}

let writes = 0;
let lost = 0;
for (let run = 0; run < runs; run++) {
  const file = join(folder, `${run}.sqlite`);
  const acknowledged = await killAfter(file, 1 + ((seed * 7919 + run * 104_729) % 60));
  const database = await openDatabase(file);
  const [check] = await database.sequelize.query<Record<string, string>>('PRAGMA integrity_check', {
    type: QueryTypes.SELECT,
  });
  const ids = new Set(
    (await database.models.sites.findAll({ attributes: ['id'] })).map((row) => row.get('id')),
  );
  for (let i = 1; i <= acknowledged; i++) if (!ids.has(`site-${i}`)) lost += 1;
  if (Object.values(check).join() !== 'ok') lost += 1;
  writes += acknowledged;
  await database.close();
}
rmSync(folder, { recursive: true, force: true });
console.log(`barythm: ${writes} acknowledged writes through ${runs} kills with seed ${seed}, ${lost} lost.`);
if (lost > 0) process.exitCode = 1;
