import { cutOf } from './pump-list';
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

describe('what a pump is found by', () => {
  const found = async (text: string) => {
    const body = (await server.get(`/api/v1/pumps?search=${encodeURIComponent(text)}&size=5`)).body;
    return body as Page & { readonly instead?: string };
  };
  const [tag, name, site] = ['NUR-DP-01', 'acid', 'nursery'];

  test('words in any order, of whatever part of its line', async () => {
    for (const text of [`${name} ${site}`, `${site} ${name}`, `${site}, ${tag.toLowerCase()}`, 'nu ac dp-01'])
      expect([text, tags(await found(text))]).toEqual([text, [tag]]);
    // no word is found across two of its parts
    expect((await found('brine plant')).total).toBe(MANY);
    expect((await found('brine "plant')).instead).toBe('brine, plant');
  });

  test('its serial, its model, its label code, and the product of its duty, of its latest plan before it', async () => {
    const [row] = (
      await server.database.sequelize.query(
        `SELECT p.id, p.code, u.id AS unitId FROM pumps p JOIN units u ON u.pumpId = p.id WHERE p.tag = '${tag}'`,
      )
    )[0] as { id: string; code: string; unitId: string }[];
    expect(tags(await found(row.code.toLowerCase()))).toEqual([tag]);
    await server.database.sequelize.query(
      `UPDATE units SET serial = 'QX-77031', model = 'Ferrule 9' WHERE id = '${row.unitId}'`,
    );
    expect(tags(await found('qx-77031'))).toEqual([tag]);
    expect(tags(await found('ferrule'))).toEqual([tag]);
    await server.database.sequelize.query(
      `UPDATE pumps SET duty = '{"product":{"name":"Quillwater 5 %"}}' WHERE tag = 'ZZ-0009'`,
    );
    expect(tags(await found('quillwater'))).toEqual(['ZZ-0009']);
  });

  test('one slip of the finger is forgiven, and said; two are not, and what is found as typed is not changed', async () => {
    for (const typed of ['quilwater', 'quillwaterr', 'quillwster', 'qiullwater']) {
      const page = await found(typed);
      expect([typed, tags(page), page.instead]).toEqual([typed, ['ZZ-0009'], 'quillwater']);
    }
    expect(tags(await found('qilwater'))).toEqual([]);
    const both = await found('qiullwater zz-0009');
    expect([tags(both), both.instead]).toEqual([['ZZ-0009'], 'quillwater, zz-0009']);
    // the tag of another pump is no slip; near miss: its sign between is one, and so is a figure of a serial
    for (const tag of ['NUR-DP-08', 'NUR-DQ-01']) expect((await found(tag)).total).toBe(0);
    expect(tags(await found('NUR_DP-01'))).toEqual(['NUR-DP-01']);
    expect((await found('MM-20913')).instead).toBe('mm-20931');
    const typed = await found('quillwater');
    expect([tags(typed), typed.instead]).toEqual([['ZZ-0009'], undefined]);
    // out of use it is found no more
    const retire = (date: string | null) =>
      server.database.sequelize.query("UPDATE pumps SET retiredOn = $date WHERE tag = 'ZZ-0009'", {
        bind: { date },
      });
    await retire('2026-10-01');
    expect((await found('quillwater 5')).total).toBe(0);
    await retire(null);
    expect(tags(await found('5 quillwater'))).toEqual(['ZZ-0009']);
    // a word that others have, and this site has not, is no slip
    expect(await found('quillwater clinic')).toMatchObject({ total: 0 });
  });

  test('a site that is called otherwise is found by its new name alone', async () => {
    const [{ siteId }] = (
      await server.database.sequelize.query(`SELECT siteId FROM pumps WHERE tag = '${tag}'`)
    )[0] as { siteId: string }[];
    const rename = (words: string) =>
      server.database.sequelize.query('UPDATE sites SET name = $words WHERE id = $siteId', {
        bind: { words, siteId },
      });
    const [{ name: before }] = (
      await server.database.sequelize.query(`SELECT name FROM sites WHERE id = '${siteId}'`)
    )[0] as { name: string }[];
    await rename('Orangery of Skerrow');
    expect(tags(await found(`orangery ${name}`))).toEqual([tag]);
    expect((await found(`glasshouse ${name}`)).total).toBe(0);
    await rename(before);
    expect(tags(await found(`${name} glasshouse`))).toEqual([tag]);
  });
});

test('pumps with something open, and with something due soon, are listed alone, in a search and a kind too', async () => {
  await server.get('/api/v1/round');
  const list = async (more: string) => (await server.get(`/api/v1/pumps?size=100${more}`)).body as Page;
  const kept = async (sql: string) =>
    ((await server.database.sequelize.query(sql))[0] as { tag: string }[]).map(({ tag }) => tag);
  const open = await list('&only=open');
  const all = await kept(
    'SELECT p.tag FROM pumps p JOIN pump_states k ON k.pumpId = p.id WHERE k.worst IS NOT NULL ORDER BY p.tag',
  );
  expect(all.length).toBeGreaterThan(3);
  expect([tags(open), open.total]).toEqual([all, all.length]);
  const due = await list('&only=due');
  expect(due.total).toBeGreaterThan(0);
  expect(due.total).toBeLessThan((await list('')).total);
  const drives = tags(await list('&only=open&family=drive'));
  expect(drives.length).toBeGreaterThan(0);
  expect(all).toEqual(expect.arrayContaining(drives));
  expect((await list('&only=open&search=brine')).total).toBe(0);
  expect((await server.get('/api/v1/pumps?only=broken')).status).toBe(400);
});
