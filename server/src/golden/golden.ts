import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

const FOLDER = join(__dirname, '../../golden');

/** A kept file, as it was written when what it holds was last meant to change. */
export function golden(name: string): string {
  return readFileSync(join(FOLDER, name), 'utf8');
}

/**
 * Expects a text to be what is kept of it, line by line. `GOLDEN=write` keeps it anew: what changed is then read in the difference
 * before it is committed.
 */
export function expectGolden(name: string, text: string): void {
  const path = join(FOLDER, name);
  if (process.env.GOLDEN === 'write') {
    mkdirSync(dirname(path), { recursive: true });
    writeFileSync(path, text);
  }
  expect(existsSync(path) ? text.split('\n') : `no ${name} is kept yet`).toEqual(golden(name).split('\n'));
}
