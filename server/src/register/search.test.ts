import { cutOf } from './pumps';
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

test('one kind alone, in the order of tags or of sites, with a search and without; counted whole', async () => {
  const list = async (more: string) => (await server.get(`/api/v1/pumps?size=100${more}`)).body as Listed;
  interface Listed extends Page {
    readonly items: readonly { readonly tag: string; readonly family: string; readonly siteName: string }[];
    readonly kinds: readonly { readonly family: string; readonly words: string }[];
  }
  const drives = await list('&family=drive');
  expect(drives.items.length).toBe(drives.total);
  expect(new Set(drives.items.map(({ family }) => family))).toEqual(new Set(['drive']));
  expect(tags(drives)).toEqual([...tags(drives)].sort());
  expect(drives.kinds.find(({ family }) => family === 'drive')?.words).toMatch(/^[A-Z]/);
  const sites = await list('&family=drive&sort=site');
  expect([...tags(sites)].sort()).toEqual(tags(drives));
  const by = sites.items.map(({ siteName, tag }) => `${siteName} ${tag}`);
  expect(by).toEqual([...by].sort());
  const every = await list('&sort=site');
  expect(every.total).toBeGreaterThan(MANY);
  expect(every.items.map(({ siteName }) => siteName)).toEqual(
    every.items.map(({ siteName }) => siteName).sort(),
  );
  // a search within a kind counts what it finds of that kind
  expect((await list('&search=brine&family=metering')).total).toBe(MANY);
  expect((await list('&search=brine&family=spa')).total).toBe(0);
  expect((await server.get('/api/v1/pumps?family=fan')).status).toBe(400);
});

test.each([
  { sort: 'tag', family: false },
  { sort: 'tag', family: true },
  { sort: 'site', family: false },
  { sort: 'site', family: true },
] as const)('a list of many is cut from an index: by $sort, of one kind: $family', async (which) => {
  const bind = { limit: 25, offset: 0, ...(which.family && { family: 'spa' }) };
  const [rows] = await server.database.sequelize.query(`EXPLAIN QUERY PLAN ${cutOf(which)}`, { bind });
  const steps = (rows as { detail: string }[]).map(({ detail }) => detail);
  expect(steps.length).toBeGreaterThan(0);
  // ties of a site's tags may be put in order among themselves, the whole may not
  expect(steps.filter((step) => step.includes('TEMP B-TREE FOR ORDER BY'))).toEqual([]);
});
