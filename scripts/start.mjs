import { join } from 'node:path';
import { ensureDependencies } from './steps/dependencies.mjs';
import { ROOT, run } from './steps/run.mjs';
import { main } from './steps/say.mjs';
import { ensureWeb, WEB_ROOT } from './steps/web.mjs';

await main(async () => {
  await ensureDependencies();
  await ensureWeb();
  const { code } = await run(process.execPath, ['--import', 'tsx', join(ROOT, 'server/bin/serve.ts')], {
    env: { BARYTHM_WEB: WEB_ROOT },
  });
  process.exitCode = code;
});
