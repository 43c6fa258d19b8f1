import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, run } from './run.mjs';
import { PlainFailure, say } from './say.mjs';

const CHROMIUM = '/usr/bin/chromium';
const DRIVER = '/usr/bin/chromedriver';

/** Installs Debian's Chromium and its driver when they are missing. */
export async function ensureBrowser() {
  if (existsSync(CHROMIUM) && existsSync(DRIVER)) return;
  if (process.getuid?.() !== 0) {
    throw new PlainFailure(
      'Chromium and its driver are missing; install them as root with: apt-get install chromium chromium-driver',
    );
  }
  say('installing Chromium and its driver …');
  const log = join(ROOT, '.build/browser.log');
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  await run('apt-get', ['update', '-qq'], { log, env });
  const { code } = await run('apt-get', ['install', '-y', '-qq', 'chromium', 'chromium-driver'], {
    log,
    env,
  });
  if (code !== 0 || !existsSync(DRIVER)) {
    throw new PlainFailure('Chromium could not be installed; see .build/browser.log.');
  }
}
