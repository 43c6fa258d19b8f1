import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { hashOf } from './hash.mjs';
import { ROOT, run } from './run.mjs';
import { PlainFailure, say } from './say.mjs';
import { ensureSolver } from './solver.mjs';

export const WEB_ROOT = join(ROOT, '.build/web');
const STAMP = join(ROOT, '.build/web.stamp');
const SOURCES = ['app', 'core/src', 'contract/src', 'package-lock.json'];

/** Builds the web app when its sources are not what was built last. */
export async function ensureWeb() {
  ensureSolver();
  const wanted = hashOf(SOURCES);
  if (existsSync(join(WEB_ROOT, 'index.html')) && existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted)
    return;
  say('building the web app (one to two minutes) …');
  rmSync(WEB_ROOT, { recursive: true, force: true });
  const log = join(ROOT, '.build/web.log');
  const { code } = await exportWeb(join(ROOT, 'app'), WEB_ROOT, log);
  if (code !== 0) throw new PlainFailure('the web app could not be built; see .build/web.log.');
  writeFileSync(STAMP, wanted);
}

/** Exports an Expo app for the web into a folder. */
export function exportWeb(app, output, log) {
  return run('npx', ['expo', 'export', '--platform', 'web', '--output-dir', output], {
    cwd: app,
    env: { CI: '1', EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1', NODE_ENV: 'production' },
    log,
  });
}
