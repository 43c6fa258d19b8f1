import { openDatabase } from '../db';

/** For the durability test: writes one row after the other and says each number once it is written. */
const database = await openDatabase(process.argv[2]);
for (let i = 1; ; i++) {
  await database.write((transaction) =>
    database.models.sites.create(
      { id: `site-${i}`, name: 'S', place: 'P', zone: 'UTC', actor: 'Workshop' },
      { transaction },
    ),
  );
  console.log(i);
}
