import { existsSync, mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { buildServer } from '../src/app';
import { clockFromEnvironment, type Clock } from '../src/clock';
import { LockedError, openDatabase, takeLock } from '../src/db';
import { isEmpty, makeDemoData, makeDemoFile } from '../src/demo';
import { refreshSlice } from '../src/register';
import { States } from '../src/states';
import { databaseFile } from './data-folder';

/** Loopback only, until there is sign-in. */
const HOST = '127.0.0.1';

function fail(sentence: string): never {
  console.error(`barythm: ${sentence}`);
  process.exit(1);
}

function portFromEnvironment(): number {
  const port = Number(process.env.PORT ?? 4310);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    fail(`PORT must be a port number, not “${process.env.PORT}”.`);
  return port;
}

function clockOrFail(): Clock {
  try {
    return clockFromEnvironment(process.env);
  } catch (error) {
    return fail((error as Error).message);
  }
}

const port = portFromEnvironment();
const clock = clockOrFail();
const file = databaseFile();
const unlock = lockOrFail();
process.on('exit', unlock);

/** What the disk or the system has against it, as a sentence; null for anything else. */
function troubleOf(error: unknown): string | null {
  const { code, message = '' } = error as NodeJS.ErrnoException;
  if (code === 'EACCES' || code === 'EPERM') return `no permission to write to ${file}.`;
  if (code === 'EROFS')
    return `${file} is on a disk that can only be read; set BARYTHM_DATA to another folder.`;
  if (code === 'ENOSPC' || /disk is full|SQLITE_FULL/.test(message)) return 'the disk is full.';
  return null;
}

/** Ends with a plain sentence where there is one for what went wrong. */
function orFail(error: unknown): never {
  const trouble = troubleOf(error);
  if (trouble) fail(trouble);
  throw error;
}

function lockOrFail(): () => void {
  try {
    mkdirSync(dirname(file), { recursive: true });
    return takeLock(file);
  } catch (error) {
    if (error instanceof LockedError) {
      fail(
        `another server (process ${error.pid}) has ${file} open already; stop it, or set BARYTHM_DATA to another folder.`,
      );
    }
    return orFail(error);
  }
}

if (!existsSync(file)) {
  console.log('barythm: there is no database yet, making demo data …');
  await makeDemoFile(file, clock).catch(orFail);
}
const database = await openDatabase(file).catch((error: NodeJS.ErrnoException) => {
  fail(troubleOf(error) ?? `the database ${file} could not be opened: ${error.message}`);
});
if (await isEmpty(database)) {
  console.log('barythm: the database is empty, making demo data …');
  await makeDemoData(database, clock).catch(orFail);
}
const states = new States();
const app = await buildServer({
  database,
  clock,
  webRoot: process.env.BARYTHM_WEB,
  labelBase: process.env.BARYTHM_ADDRESS ?? `http://${HOST}:${port}`,
  workOut: states.workOut,
  logLevel: 'error',
});
try {
  const address = await app.listen({ host: HOST, port });
  console.log(`barythm: open ${address} in a browser (Ctrl+C stops it).`);
} catch (error) {
  if ((error as NodeJS.ErrnoException).code === 'EADDRINUSE') {
    fail(`port ${port} is taken; set PORT to another, such as PORT=${port + 1} npm start.`);
  }
  throw error;
}

/** What stands open is looked at anew once a day, some pumps at a time, whoever asks. */
const REFRESH_ms = 10 * 60_000;
const refresh = async (): Promise<void> => {
  while (await refreshSlice(database, clock, states.workOut))
    await new Promise((next) => setTimeout(next, 50));
};
void refresh().catch(() => undefined);
setInterval(() => void refresh().catch(() => undefined), REFRESH_ms);

/** What has not ended by then is ended: every acknowledged write is on the disk already. */
const STOP_ms = 5000;

const stop = async () => {
  setTimeout(() => process.exit(0), STOP_ms);
  await app.close();
  await states.close();
  await database.close();
  unlock();
  process.exit(0);
};
process.on('SIGINT', () => void stop());
process.on('SIGTERM', () => void stop());
