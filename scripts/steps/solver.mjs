import { copyFileSync, existsSync, mkdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './run.mjs';

const FILES = ['highs.js', 'highs.wasm'];

/** Puts the solver package's own files where the app serves what it loads on demand: it is far too large for the bundle. */
export function ensureSolver() {
  const target = join(ROOT, 'app/public/solver');
  mkdirSync(target, { recursive: true });
  for (const file of FILES) {
    const from = join(ROOT, 'node_modules/highs/build', file);
    const to = join(target, file);
    if (!existsSync(to) || statSync(to).size !== statSync(from).size) copyFileSync(from, to);
  }
}
