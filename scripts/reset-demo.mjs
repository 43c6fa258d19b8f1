import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { ensureDependencies } from './steps/dependencies.mjs';
import { ROOT, run } from './steps/run.mjs';
import { main, PlainFailure, say } from './steps/say.mjs';
import { ensureServer, SERVER_ROOT } from './steps/server.mjs';

await main(async () => {
  const folder = process.env.BARYTHM_DATA ?? join(ROOT, '.barythm-data');
  const file = join(folder, 'barythm.sqlite');
  if (existsSync(file)) {
    if (!process.stdin.isTTY && !process.argv.includes('--yes')) {
      throw new PlainFailure('this deletes all data; run it in a terminal to be asked, or with -- --yes.');
    }
    if (!process.argv.includes('--yes')) {
      const ask = createInterface({ input: process.stdin, output: process.stdout });
      const answer = await ask.question(
        `Delete everything in ${file} and put the demo data back? Type yes: `,
      );
      ask.close();
      if (answer.trim().toLowerCase() !== 'yes') {
        say('nothing was changed.');
        return;
      }
    }
  }
  await ensureDependencies();
  await ensureServer();
  const { code } = await run(process.execPath, [join(SERVER_ROOT, 'make-demo.mjs')]);
  process.exitCode = code;
});
