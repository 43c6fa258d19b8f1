import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { clockFromEnvironment } from '../src/clock';
import { LockedError, takeLock } from '../src/db';
import { makeDemoFile } from '../src/demo';
import { databaseFile } from './data-folder';

const file = databaseFile();
mkdirSync(dirname(file), { recursive: true });
try {
  const unlock = takeLock(file);
  await makeDemoFile(file, clockFromEnvironment(process.env));
  unlock();
  console.log('barythm: the demo data is back.');
} catch (error) {
  if (!(error instanceof LockedError)) throw error;
  console.error(`barythm: a server (process ${error.pid}) has ${file} open; stop it first.`);
  process.exitCode = 1;
}
