import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { dirname, join } from 'node:path';
import { has, ROOT, run } from './run.mjs';
import { PlainFailure, say } from './say.mjs';

const STAMP = join(ROOT, 'node_modules', '.barythm-installed');
const ADDON = join(ROOT, 'node_modules/sqlite3/build/Release/node_sqlite3.node');

/** Installs what the lock file names, when that is not what is there, and compiles the one native package. */
export async function ensureDependencies() {
  await ensurePackages();
  await ensureDatabaseDriver();
}

/** Packages as the lock file names them; none of their own scripts is run. */
export async function ensurePackages() {
  const [major] = process.versions.node.split('.').map(Number);
  if (major < 20) throw new PlainFailure(`Node.js 20 or later is needed; this is ${process.version}.`);
  const wanted = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');
  const installed = existsSync(STAMP) ? readFileSync(STAMP, 'utf8') : '';
  mkdirSync(join(ROOT, '.build'), { recursive: true });
  if (installed === wanted) return;
  say('installing packages (some minutes the first time) …');
  const log = join(ROOT, '.build/install.log');
  const { code } = await run('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund'], { log });
  if (code !== 0) {
    throw new PlainFailure(
      'packages could not be installed; is the npm registry reachable? See .build/install.log.',
    );
  }
  writeFileSync(STAMP, wanted);
}

/** The one native package, compiled where it is not yet. Whatever opens no database can go on meanwhile. */
export async function ensureDatabaseDriver() {
  if (!existsSync(ADDON)) await compileDatabase();
}

async function compileDatabase() {
  for (const [program, name] of [
    ['g++', 'a C++ compiler (g++)'],
    ['make', 'make'],
    ['python3', 'Python 3'],
  ]) {
    if (!(await has(program)))
      throw new PlainFailure(`${name} is needed to compile the database driver, and is missing.`);
  }
  say('compiling the database driver (two to four minutes, once) …');
  const log = join(ROOT, '.build/compile.log');
  const prefix = dirname(dirname(process.execPath));
  // headers that came with this Node.js spare a download
  const local = existsSync(join(prefix, 'include/node/node.h')) ? [`--nodedir=${prefix}`] : [];
  const { code } = await run('npx', ['node-gyp', 'rebuild', ...local], {
    cwd: join(ROOT, 'node_modules/sqlite3'),
    env: { JOBS: 'max' },
    log,
  });
  if (code !== 0 || !existsSync(ADDON)) {
    throw new PlainFailure('the database driver could not be compiled; see .build/compile.log.');
  }
}
