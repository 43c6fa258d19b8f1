import type { RegisterPreview } from '@barythm/contract/resources';
import { startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());

const HEAD = 'site,site_place,zone,tag,name,place,profile,model,serial,gear,greatest_spm,rated_bar';
const line = (change: Partial<Record<string, string>> = {}) => {
  const cells: Record<string, string> = {
    site: 'Skerrow Cider Press',
    site_place: 'Orchard Lane',
    zone: 'Atlantic/Faroe',
    tag: 'CID-DP-01',
    name: 'Caustic, bottle washer',
    place: 'Wash house',
    profile: 'three-key-contact',
    model: 'Small solenoid pump',
    serial: 'SK-1',
    gear: '',
    greatest_spm: '120',
    rated_bar: '8',
    ...change,
  };
  return HEAD.split(',')
    .map((column) => `"${cells[column]}"`)
    .join(',');
};
const preview = async (csv: string) =>
  (await server.post('/api/v1/register/preview', { csv })).body as RegisterPreview;

test('out and in again: a register that left comes into an empty database as it was', async () => {
  const csv = (await server.get('/api/v1/register.csv')).text;
  expect(csv.trimEnd().split('\r\n')).toHaveLength(29);
  const other = await startTestServer({ demo: false });
  try {
    for (const profile of [
      'motor-three-gears',
      'two-point-soft-keys',
      'pulse-wheel',
      'stepper-flow',
      'three-key-contact',
      'pool-drive-ten-slots',
      'pool-drive-four-speeds',
      'pool-drive-link',
      'circuit-panel-eight',
      'building-circulator-display',
      'home-circulator-dial',
      'hot-water-return-clock',
      'twin-circulator-display',
      'booster-two-pumps',
      'drive-wheel-text',
      'drive-four-switches',
      'spa-pack-four-keys',
      'spa-pack-soft-keys',
      'vessel-drive-guided',
      'circulator-module-browser',
      'circulator-one-button',
      'drive-mode-and-faults',
      'metering-outside-lamps',
      'pool-drive-timer-menus',
    ]) {
      await other.post('/api/v1/profiles', (await server.get(`/api/v1/profiles/${profile}`)).body);
    }
    expect((await other.post('/api/v1/register/import', { csv })).body).toEqual({ sites: 6, pumps: 28 });
    expect((await other.get('/api/v1/register.csv')).text).toBe(csv);
    const again = await other.post('/api/v1/register/import', { csv });
    expect(again.body).toMatchObject({ status: 422, code: 'faulty-file' });
  } finally {
    await other.stop();
  }
});

test('a cell that a spreadsheet would run is made safe on its way out, and comes in as it was', async () => {
  const csv = `${HEAD}\n${line({ tag: 'CID-DP-07', name: '=1+1' })}`;
  expect((await server.post('/api/v1/register/import', { csv })).status).toBe(201);
  const out = (await server.get('/api/v1/register.csv')).text;
  expect(out).toContain(`'=1+1`);
  const { faults } = await preview(out);
  expect(faults.every((fault) => fault.words.includes('already exists'))).toBe(true);
});

test('seen before it is taken in: what is new and what is here', async () => {
  const { sites, pumps, faults } = await preview(
    `${HEAD}\n${line()}\n${line({ site: 'Kelp Works', tag: 'KEL-DP-01' })}`,
  );
  expect(faults).toEqual([]);
  expect(sites.map((site) => [site.name, site.isNew])).toEqual([
    ['Skerrow Cider Press', false],
    ['Kelp Works', true],
  ]);
  expect(pumps.map((pump) => pump.tag)).toEqual(['CID-DP-01', 'KEL-DP-01']);
});

test.each([
  ['no such profile', { profile: 'kettle' }, 3, 7, 'no profile “kettle”'],
  ['no such zone', { zone: 'Moon/Base' }, 3, 3, 'no time zone'],
  ['a rate of text', { greatest_spm: 'fast' }, 3, 11, 'no figure above 0'],
  ['no tag', { tag: '' }, 3, 4, 'Enter a tag.'],
  ['a tag twice', { tag: 'CID-DP-02' }, 3, 4, 'already exists'],
])('%s is told at its line and column, and nothing is taken in', async (_, change, at, column, words) => {
  const csv = `${HEAD}\n${line({ tag: 'CID-DP-02' })}\n${line({ tag: 'CID-DP-03', ...change })}`;
  const before = await server.database.models.pumps.count();
  expect((await preview(csv)).faults).toEqual([{ line: at, column, words: expect.stringContaining(words) }]);
  const answer = await server.post('/api/v1/register/import', { csv });
  expect(answer.body).toMatchObject({
    status: 422,
    errors: [{ field: `line ${at}, column ${column}`, words: expect.stringContaining(words) }],
  });
  expect(await server.database.models.pumps.count()).toBe(before);
});

test('a file that says nothing of plates is taken in, and what stands on them stays unknown', async () => {
  const columns = HEAD.split(',').slice(0, 9);
  const cells = line({ tag: 'CID-DP-77', name: 'Caustic' }).split(',').slice(0, columns.length);
  const { faults, pumps } = await preview([columns.join(','), cells.join(',')].join('\n'));
  expect([faults, pumps.map(({ tag }) => tag)]).toEqual([[], ['CID-DP-77']]);
});

test('what a family does not take on its plates is said at its column, and nothing is written', async () => {
  const head = `${HEAD},greatest_rpm,rated_W,kind`;
  const pool = line({
    tag: 'CID-PP-01',
    profile: 'pool-drive-link',
    gear: '',
    greatest_spm: '',
    rated_bar: '',
  });
  const csv = (kind: string) => `${head}\n${pool},2850,1500,${kind}`;
  expect((await preview(csv('M'))).faults).toEqual([]);
  const { faults } = await preview(csv('M'.repeat(81)));
  expect(faults).toMatchObject([{ line: 2, column: 15, words: expect.stringContaining('80') }]);
  expect(await server.post('/api/v1/register/import', { csv: csv('M'.repeat(81)) })).toMatchObject({
    status: 422,
  });
});

test('a file without its columns, without pumps, or empty is refused in words', async () => {
  expect((await preview('tag,name\nX,Y')).faults[0].words).toContain('Columns are missing: site');
  expect((await preview(HEAD)).faults[0].words).toContain('No pumps');
  expect((await server.post('/api/v1/register/preview', { csv: '' })).body).toMatchObject({
    errors: [{ field: 'csv', words: 'The file is empty.' }],
  });
});

describe('one pump by the form', () => {
  const pump = (changed: Partial<Record<string, string>> = {}) => ({
    site: 'Skerrow Brewery',
    site_place: 'Mill Lane',
    zone: 'Atlantic/Faroe',
    tag: 'BRE-DP-01',
    name: 'Caustic',
    place: 'Cellar',
    profile: 'motor-three-gears',
    model: '',
    serial: '',
    gear: 'B',
    greatest_spm: '96,5',
    rated_bar: '',
    ...changed,
  });

  test('is there afterwards, with its site, plate and code', async () => {
    const { status, body } = await server.post('/api/v1/register/pumps', pump());
    expect(status).toBe(201);
    const { body: there } = await server.get(`/api/v1/pumps/${(body as { id: string }).id}`);
    expect(there).toMatchObject({
      tag: 'BRE-DP-01',
      siteName: 'Skerrow Brewery',
      zone: 'Atlantic/Faroe',
      unit: { plate: { gear: 'B', greatest_spm: 96.5, rated_bar: null } },
      code: expect.stringMatching(/\w+/),
    });
  });

  test('every fault is told at its field, and nothing is written', async () => {
    const before = (await server.get('/api/v1/register.csv')).text;
    const { status, body } = await server.post(
      '/api/v1/register/pumps',
      pump({ tag: ' ', zone: 'Moon', profile: 'none', rated_bar: 'ten' }),
    );
    expect(status).toBe(400);
    const { errors } = body as { errors: { field: string; words: string }[] };
    expect(errors.map(({ field }) => field)).toEqual(['tag', 'zone', 'profile', 'rated_bar']);
    expect((await server.get('/api/v1/register.csv')).text).toBe(before);
  });

  test('the same tag at the same site is refused', async () => {
    const { status, body } = await server.post('/api/v1/register/pumps', pump());
    expect(status).toBe(400);
    expect(JSON.stringify(body)).toContain('BRE-DP-01 already exists at Skerrow Brewery.');
  });
});
