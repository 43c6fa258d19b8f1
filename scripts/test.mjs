import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBrowser } from './steps/browser.mjs';
import { ensureDatabaseDriver, ensurePackages } from './steps/dependencies.mjs';
import { ROOT, run } from './steps/run.mjs';
import { main, say } from './steps/say.mjs';
import { ensureWeb } from './steps/web.mjs';

let passed = 0;
let failed = 0;
const wrong = [];

/** A check that passes or fails as a whole; which one failed is said again at the end. */
async function check(words, command, args) {
  say(`${words} …`);
  const { code } = await run('npx', ['--no-install', command, ...args]);
  if (code === 0) passed += 1;
  else {
    failed += 1;
    wrong.push(words);
  }
}

/** A run of tests, counted one by one; a run that could not start counts as one failure. */
async function tests(words, projects) {
  say(`${words} …`);
  const report = join(ROOT, '.build', `tests-${projects[0]}.json`);
  rmSync(report, { force: true });
  const { code } = await run('npx', [
    '--no-install',
    'jest',
    '--selectProjects',
    ...projects,
    '--json',
    `--outputFile=${report}`,
    // both cores are kept busy, where one would stand by; journeys share nothing but the built app
    '--maxWorkers=2',
  ]);
  const result = existsSync(report) ? JSON.parse(readFileSync(report, 'utf8')) : null;
  passed += result?.numPassedTests ?? 0;
  const broken = (result?.numFailedTests ?? 0) + (result?.numRuntimeErrorTestSuites ?? 0);
  failed += code !== 0 && broken === 0 ? 1 : broken;
  if (code !== 0) wrong.push(words);
}

await main(async () => {
  await ensurePackages();
  await ensureBrowser();
  await Promise.all([
    // compiling keeps one core busy for minutes; none of the checks opens a database
    ensureDatabaseDriver(),
    check('checking types', 'tsc', ['-p', 'tsconfig.json', '--noEmit']),
    check('checking style', 'eslint', ['.']),
    check('checking who imports whom', 'depcruise', [
      '--config',
      '.dependency-cruiser.mjs',
      ...['core', 'contract', 'server', 'app/src', 'e2e', 'benchmarks'],
    ]),
    check('checking format', 'prettier', ['--check', '--log-level', 'warn', '.']),
  ]);
  await tests('testing core, contract, server and components', ['core', 'contract', 'server', 'app']);
  await ensureWeb();
  await tests('walking the journeys in Chromium', ['e2e']);
  await tests('walking those that want the machine to themselves', ['e2e-alone']);
  for (const words of wrong) say(`failed: ${words}`);
  console.log(`${passed} passed, ${failed} failed`);
  if (failed > 0) process.exitCode = 1;
});
