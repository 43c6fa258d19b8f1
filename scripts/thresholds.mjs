import { mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { ensureDependencies } from './steps/dependencies.mjs';
import { ROOT, run } from './steps/run.mjs';
import { main, PlainFailure, say } from './steps/say.mjs';

/**
 * Moves each named threshold of a family (twice as large, half as large, its comparison turned) in a copy of the product, and runs the
 * family's suites on it: a threshold whose move nobody notices has no near miss. `npm run thresholds -- drive [NAME …]`.
 */
const FOLDERS = ['checks', 'proof', 'effect', 'plan'];
const NAMED = /^(?:export )?const ([A-Z][A-Za-z0-9_]*) = ([0-9][0-9_.]*);$/gm;
/**
 * Finenesses of a search, days until a course has evened out and units in one another are no thresholds: nothing is judged by them, and
 * more of them changes nothing.
 */
const NONE = /^(STEPS|POINTS|(SETTLES|COUNTED)_days|G_ms2|DAY_min|MINUTE_ms|[A-Z]+_PER_[A-Z]+)$/;
const TURNED = { '>': '<', '<': '>', '>=': '<=', '<=': '>=' };

const filesOf = (folder) =>
  readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((file) => file.isFile() && file.name.endsWith('.ts') && !file.name.endsWith('.test.ts'))
    .map((file) => join(file.parentPath ?? file.path, file.name));

/** Every move of every named threshold of a file. */
function movesIn(path, only) {
  const source = readFileSync(path, 'utf8');
  const moves = [];
  for (const { 0: line, 1: name, 2: figure } of source.matchAll(NAMED)) {
    if (NONE.test(name) || (only.length > 0 && !only.includes(name))) continue;
    const value = Number(figure.replaceAll('_', ''));
    // nil has no double, and a share of a hundredth of a thousandth is dust
    if (value === 0 || value < 1e-5) continue;
    for (const [how, by] of [
      ['× 2', 2],
      ['÷ 2', 0.5],
    ])
      moves.push({
        name,
        how,
        text: source.replace(line, line.replace(` = ${figure};`, ` = ${value * by};`)),
      });
    const compared = new RegExp(`( )([<>]=?)( [^;\\n]*\\b${name}\\b)|(\\b${name}\\b[^;\\n]*? )([<>]=?)( )`);
    const found = compared.exec(source.replace(line, ''));
    if (!found) continue;
    const [whole, before, sign, after, front, other, behind] = found;
    const turned = sign ? `${before}${TURNED[sign]}${after}` : `${front}${TURNED[other]}${behind}`;
    moves.push({ name, how: 'turned', text: source.replace(whole, turned) });
  }
  return moves;
}

/** Whether a family's suites pass on a copy; those with its mistakes first, since most moves end there. */
async function pass(copy, family) {
  const own = `core/src/families/${family}/`;
  const rounds = [
    [`${own}mistakes/`],
    [
      '-t',
      `^${family}[ :]`,
      '--',
      'core/src/families/suites/both-ways.test.ts',
      'core/src/families/suites/tolerances.test.ts',
      'core/src/families/suites/worked-plans.test.ts',
    ],
    ['--testPathIgnorePatterns', '/mistakes/', '--', own],
    ['core/src/job/'],
  ];
  for (const round of rounds) {
    const { code } = await run(
      'npx',
      ['--no-install', 'jest', '--selectProjects', 'core', '--maxWorkers=1', '--bail', '--silent', ...round],
      { cwd: copy, log: join(copy, 'thresholds-run.log') },
    );
    if (code !== 0) return false;
  }
  return true;
}

/** Whoever stops it means all of it: a suite that was cut off has noticed nothing. */
let stopped = false;
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => (stopped = true));

await main(async () => {
  const [family, ...only] = process.argv.slice(2);
  if (!family) throw new PlainFailure('Say which family: npm run thresholds -- drive');
  await ensureDependencies();
  const copy = mkdtempSync(join(tmpdir(), 'barythm-thresholds-'));
  await run('git', ['worktree', 'add', '--detach', copy, 'HEAD'], { log: join(tmpdir(), 'thresholds.log') });
  try {
    symlinkSync(join(ROOT, 'node_modules'), join(copy, 'node_modules'));
    if (!(await pass(copy, family)))
      throw new PlainFailure(
        `The suites of ${family} fail as they are: nothing can be told by moving a threshold.`,
      );
    const own = join(copy, 'core/src/families', family);
    const unnoticed = [];
    let moved = 0;
    for (const path of FOLDERS.flatMap((folder) => filesOf(join(own, folder)))) {
      const source = readFileSync(path, 'utf8');
      for (const { name, how, text } of movesIn(path, only)) {
        writeFileSync(path, text);
        moved += 1;
        const silent = await pass(copy, family);
        if (stopped) throw new PlainFailure(`Stopped after ${moved - 1} moves.`);
        const where = `${relative(copy, path)} ${name} ${how}`;
        say(silent ? `UNNOTICED ${where}` : `noticed ${where}`);
        if (silent) unnoticed.push(where);
      }
      writeFileSync(path, source);
    }
    say(`${unnoticed.length} of ${moved} moves went unnoticed.`);
    for (const where of unnoticed) say(`  ${where}`);
    process.exitCode = unnoticed.length === 0 ? 0 : 1;
  } finally {
    await run('git', ['worktree', 'remove', '--force', copy], { log: join(tmpdir(), 'thresholds.log') });
    rmSync(copy, { recursive: true, force: true });
  }
});
