import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBrowser } from './steps/browser.mjs';
import { ensureDependencies } from './steps/dependencies.mjs';
import { ROOT, run } from './steps/run.mjs';
import { main, PlainFailure, say } from './steps/say.mjs';
import { ensureWeb, exportWeb } from './steps/web.mjs';

await main(async () => {
  await ensureDependencies();
  await ensureBrowser();
  await ensureWeb();
  const empty = join(ROOT, '.build/empty');
  if (!existsSync(join(empty, 'index.html'))) {
    say('building an empty app the same way …');
    const { code } = await exportWeb(
      join(ROOT, 'benchmarks/empty-app'),
      empty,
      join(ROOT, '.build/empty.log'),
    );
    if (code !== 0) throw new PlainFailure('the empty app could not be built; see .build/empty.log.');
  }
  const { default: prepare } = await import('../e2e/src/prepare.mjs');
  prepare();
  const { code } = await run('npx', ['--no-install', 'tsx', join(ROOT, 'benchmarks/src/run.ts')]);
  process.exitCode = code;
});
