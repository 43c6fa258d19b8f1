import { join } from 'node:path';
import { ensureDependencies } from './steps/dependencies.mjs';
import { run } from './steps/run.mjs';
import { main } from './steps/say.mjs';
import { ensureServer, SERVER_ROOT } from './steps/server.mjs';
import { ensureWeb, WEB_ROOT } from './steps/web.mjs';

await main(async () => {
  await ensureDependencies();
  await ensureWeb();
  await ensureServer();
  const { code } = await run(process.execPath, ['--enable-source-maps', join(SERVER_ROOT, 'serve.mjs')], {
    env: { BARYTHM_WEB: WEB_ROOT },
  });
  process.exitCode = code;
});
