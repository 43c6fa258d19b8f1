import { join } from 'node:path';
import { ensureDependencies } from './steps/dependencies.mjs';
import { ROOT, run } from './steps/run.mjs';
import { main } from './steps/say.mjs';

await main(async () => {
  await ensureDependencies();
  const { code } = await run('npx', [
    '--no-install',
    'tsx',
    join(ROOT, 'server/bin/kill.ts'),
    ...process.argv.slice(2),
  ]);
  process.exitCode = code;
});
