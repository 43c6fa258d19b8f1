import { join } from 'node:path';
import { ensureBrowser } from './steps/browser.mjs';
import { ensureDependencies } from './steps/dependencies.mjs';
import { ROOT, run } from './steps/run.mjs';
import { main } from './steps/say.mjs';
import { ensureWeb } from './steps/web.mjs';

await main(async () => {
  await ensureDependencies();
  await ensureBrowser();
  await ensureWeb();
  const { default: prepare } = await import('../e2e/src/prepare.mjs');
  prepare();
  const { code } = await run('npx', ['--no-install', 'tsx', join(ROOT, 'e2e/src/pictures.ts')]);
  process.exitCode = code;
});
