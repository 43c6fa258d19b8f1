import { buildServer } from '../src/app';
import { clockFromEnvironment } from '../src/clock';
import { openDatabase } from '../src/db';
import { isEmpty, makeDemoData } from '../src/demo';
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

const port = portFromEnvironment();
const clock = clockFromEnvironment(process.env);
const file = databaseFile();
const database = await openDatabase(file).catch((error: NodeJS.ErrnoException) => {
  if (error.code === 'EACCES') fail(`no permission to write to ${file}.`);
  if (error.code === 'ENOSPC' || /disk is full|SQLITE_FULL/.test(error.message)) fail('the disk is full.');
  fail(`the database ${file} could not be opened: ${error.message}`);
});
if (await isEmpty(database)) {
  console.log('barythm: the database is empty, making demo data …');
  await makeDemoData(database, clock);
}
const app = await buildServer({
  database,
  clock,
  webRoot: process.env.BARYTHM_WEB,
  labelBase: process.env.BARYTHM_ADDRESS ?? `http://${HOST}:${port}`,
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

const stop = async () => {
  await app.close();
  await database.close();
  process.exit(0);
};
process.on('SIGINT', () => void stop());
process.on('SIGTERM', () => void stop());
