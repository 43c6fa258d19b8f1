import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';

/** Bytes (gzip, level 9) of scripts of a built app, by their paths on the server. */
export function gzipOf(webRoot: string, scripts: readonly string[]): number {
  return scripts.reduce(
    (sum, script) => sum + gzipSync(readFileSync(join(webRoot, script)), { level: 9 }).length,
    0,
  );
}
