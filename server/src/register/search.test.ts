import { startTestServer, type TestServer } from '../testing/test-server';

interface Page {
  readonly items: readonly { readonly tag: string }[];
  readonly total: number;
}
const MANY = 2500;

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
  // tags that do not come in the order in which the pumps were written down
  await server.database.sequelize.query(`
    WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < ${MANY})
    INSERT INTO pumps (id, siteId, tag, name, place, family, note, code, actor)
    SELECT 'x-' || i, (SELECT id FROM sites LIMIT 1), printf('ZZ-%04d', i * 7 % ${MANY + 1}),
           'Brine lift ' || i, 'Plant room ' || (i % 5), 'metering', '', printf('C%06d', i), 'Workshop' FROM n`);
});
afterAll(() => server.stop());

const search = async (text: string, page = 1) =>
  (await server.get(`/api/v1/pumps?search=${encodeURIComponent(text)}&size=3&page=${page}`)).body as Page;
const tags = ({ items }: Page) => items.map(({ tag }) => tag);

test('a word that stands nearly everywhere is found in the order of tags, counted whole, and leafed through', async () => {
  const first = await search('brine');
  expect(first.total).toBe(MANY);
  expect(tags(first)).toEqual(['ZZ-0001', 'ZZ-0002', 'ZZ-0003']);
  expect(tags(await search('BRINE', 2))).toEqual(['ZZ-0004', 'ZZ-0005', 'ZZ-0006']);
  const past = await search('brine', 2000);
  expect([past.total, tags(past)]).toEqual([MANY, []]);
});

test('a rarer one is found by the index, in the same order', async () => {
  const rare = await search('room 3');
  expect(rare.total).toBe(MANY / 5);
  const all = Array.from({ length: MANY }, (_, i) => i + 1).filter((i) => i % 5 === 3);
  const expected = all.map((i) => `ZZ-${String((i * 7) % (MANY + 1)).padStart(4, '0')}`).sort();
  expect(tags(rare)).toEqual(expected.slice(0, 3));
});
