import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, rmSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const ROOT = fileURLToPath(new URL('../../', import.meta.url));

/** One demo database for all journeys, made once and copied for each; the clock stands still. */
export default function prepare() {
  const folder = `${ROOT}.build/e2e/demo`;
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
  if (!existsSync(`${ROOT}.build/web/index.html`)) throw new Error('The web app is not built: run npm test.');
  const { status } = spawnSync('npx', ['--no-install', 'tsx', `${ROOT}server/bin/make-demo.ts`], {
    cwd: ROOT,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, BARYTHM_DATA: folder, BARYTHM_NOW: '2026-11-24T10:30:00.000Z' },
  });
  if (status !== 0) throw new Error('The demo data could not be made.');
}
