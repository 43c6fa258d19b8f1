import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { ROOT } from './run.mjs';

/** One hash over all that stands under some paths, tests left out: what was made of them is stale once it differs. */
export function hashOf(paths) {
  const hash = createHash('sha256');
  for (const file of paths.flatMap((path) => filesUnder(join(ROOT, path)))) {
    hash.update(relative(ROOT, file)).update(readFileSync(file));
  }
  return hash.digest('hex');
}

function filesUnder(path) {
  if (!existsSync(path)) return [];
  const skip = new Set(['node_modules', '.expo', 'dist']);
  let entries;
  try {
    entries = readdirSync(path, { withFileTypes: true });
  } catch {
    return [path];
  }
  return entries
    .filter(
      (entry) =>
        !skip.has(entry.name) && !entry.name.endsWith('.test.ts') && !entry.name.endsWith('.test.tsx'),
    )
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .flatMap((entry) =>
      entry.isDirectory() ? filesUnder(join(path, entry.name)) : [join(path, entry.name)],
    );
}
