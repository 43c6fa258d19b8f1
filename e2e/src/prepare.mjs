import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ensureDemo } from '../../scripts/steps/demo.mjs';
import { ROOT } from '../../scripts/steps/run.mjs';

/** One demo database for all journeys, made once and copied for each; the clock stands still. */
export default function prepare() {
  if (!existsSync(join(ROOT, '.build/web/index.html')))
    throw new Error('The web app is not built: run npm test.');
  ensureDemo();
}
