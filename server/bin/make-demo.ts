import { clockFromEnvironment } from '../src/clock';
import { openDatabase } from '../src/db';
import { makeDemoData } from '../src/demo';
import { databaseFile } from './data-folder';

const database = await openDatabase(databaseFile());
await makeDemoData(database, clockFromEnvironment(process.env));
await database.close();
console.log('barythm: the demo data is back.');
