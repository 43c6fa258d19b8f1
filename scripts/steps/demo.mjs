import { spawnSync } from 'node:child_process';
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './run.mjs';

/** The instant at which every test and picture stands. */
export const NOW = '2026-11-24T10:30:00.000Z';

/** Makes the demo data into a folder, with the clock standing still: made once, copied by whoever needs it. */
export function makeDemo(folder) {
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
  const { status } = spawnSync('npx', ['--no-install', 'tsx', join(ROOT, 'server/bin/make-demo.ts')], {
    cwd: ROOT,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, BARYTHM_DATA: folder, BARYTHM_NOW: NOW },
  });
  if (status !== 0) throw new Error('The demo data could not be made.');
}
