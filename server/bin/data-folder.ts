import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** Where the database is: `BARYTHM_DATA`, or a folder of its own beside the code that git ignores. */
export function databaseFile(): string {
  const folder = process.env.BARYTHM_DATA ?? fileURLToPath(new URL('../../.barythm-data', import.meta.url));
  return join(folder, 'barythm.sqlite');
}
