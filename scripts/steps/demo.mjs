import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { hashOf } from './hash.mjs';
import { ROOT } from './run.mjs';

/** The instant at which every test and picture stands. */
export const NOW = '2026-11-24T10:30:00.000Z';

const FOLDER = join(ROOT, '.build/demo');
const STAMP = join(ROOT, '.build/demo.stamp');
const SOURCES = [
  'core/src',
  'contract/src',
  'server/src',
  'server/bin',
  'profiles',
  'demo',
  'package-lock.json',
];

/** Makes the demo data with the clock standing still, when its sources are not what it was made of last; whoever needs it copies it. */
export function ensureDemo() {
  const wanted = hashOf(SOURCES);
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted) return;
  rmSync(STAMP, { force: true });
  rmSync(FOLDER, { recursive: true, force: true });
  mkdirSync(FOLDER, { recursive: true });
  const { status } = spawnSync('npx', ['--no-install', 'tsx', join(ROOT, 'server/bin/make-demo.ts')], {
    cwd: ROOT,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, BARYTHM_DATA: FOLDER, BARYTHM_NOW: NOW },
  });
  if (status !== 0) throw new Error('The demo data could not be made.');
  writeFileSync(STAMP, wanted);
}
