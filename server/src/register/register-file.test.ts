import type { RegisterPreview } from '@barythm/contract/resources';
import Papa from 'papaparse';
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
    expect((await other.post('/api/v1/register/import', { csv })).body).toEqual({
      sites: 6,
      pumps: 28,
      changed: 0,
    });
    expect((await other.get('/api/v1/register.csv')).text).toBe(csv);
    const again = await other.post('/api/v1/register/import', { csv });
    // unchanged it says nothing new
    expect(again.body).toEqual({ sites: 0, pumps: 0, changed: 0 });
    expect((await other.get('/api/v1/register.csv')).text).toBe(csv);
  } finally {
    await other.stop();
  }
});

test('a cell that a spreadsheet would run is made safe on its way out, and comes in as it was', async () => {
  const csv = `${HEAD}\n${line({ tag: 'CID-DP-07', name: '=1+1' })}`;
  expect((await server.post('/api/v1/register/import', { csv })).status).toBe(201);
  const out = (await server.get('/api/v1/register.csv')).text;
  expect(out).toContain(`'=1+1`);
  expect(await preview(out)).toEqual({ sites: [], pumps: [], changes: [], unchanged: 29, faults: [] });
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
  ['a tag twice', { tag: 'CID-DP-02' }, 3, 4, 'CID-DP-02 at Skerrow Cider Press stands in line 2 too.'],
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

describe('an edited register', () => {
  let own: TestServer;
  beforeEach(async () => {
    own = await startTestServer({ demo: true });
  });
  afterEach(() => own.stop());
  const out = async () => (await own.get('/api/v1/register.csv')).text;
  const look = async (csv: string) =>
    (await own.post('/api/v1/register/preview', { csv })).body as RegisterPreview;
  const take = (csv: string) => own.post('/api/v1/register/import', { csv });
  /** The file with some texts of the row of a tag replaced. */
  const edited = (csv: string, tag: string, ...changes: readonly (readonly [string, string])[]) =>
    csv
      .split('\r\n')
      .map((row) =>
        row.includes(`,${tag},`) ? changes.reduce((text, [from, to]) => text.replace(from, to), row) : row,
      )
      .join('\r\n');
  const row = (csv: string, tag: string) => csv.split('\r\n').find((one) => one.includes(`,${tag},`))!;

  test('is seen line by line, then put right: names, tag, place and serial; the pump is known by its label', async () => {
    const csv = await out();
    const changed = edited(
      csv,
      'NUR-DP-01',
      ['NUR-DP-01', 'NUR-DP-11'],
      ['Header house', 'Pump house'],
      ['MM-18004', 'MM-18005'],
    );
    const { pumps, changes, unchanged, faults } = await look(changed);
    expect([pumps, unchanged, faults]).toEqual([[], 27, []]);
    expect(changes).toEqual([
      {
        tag: 'NUR-DP-01',
        site: 'Southfield Glasshouse Nursery',
        lines: [
          { label: 'Tag', from: 'NUR-DP-01', to: 'NUR-DP-11' },
          { label: 'Where it stands', from: 'Header house', to: 'Pump house' },
          { label: 'Serial number', from: 'MM-18004', to: 'MM-18005' },
        ],
      },
    ]);
    expect(await out()).toBe(csv);
    expect((await take(changed)).body).toEqual({ sites: 0, pumps: 0, changed: 1 });
    expect((await out()).split('\r\n').sort()).toEqual(changed.split('\r\n').sort());
    // what stood there before is kept, and it is the same pump with its visits
    expect((await own.get('/api/v1/pumps/pump-acid')).body).toMatchObject({ tag: 'NUR-DP-11' });
    expect(await own.database.models.register_changes.count()).toBe(2);
  });

  test('two tags swapped are two pumps renamed; two pumps under one tag are refused at the second, and nothing is changed', async () => {
    const csv = await out();
    const [a, b] = [row(csv, 'NUR-DP-01'), row(csv, 'NUR-DP-02')];
    const swapped = csv
      .replace(a, a.replace('NUR-DP-01', 'NUR-DP-02'))
      .replace(b, b.replace('NUR-DP-02', 'NUR-DP-01'));
    expect((await take(swapped)).body).toEqual({ sites: 0, pumps: 0, changed: 2 });
    const both = (await out()).replace(',NUR-DP-02,', ',NUR-DP-01,').replace(',NUR-DP-02,', ',NUR-DP-01,');
    const before = await out();
    const { faults } = await look(both);
    expect(faults).toMatchObject([
      { column: 4, words: expect.stringMatching(/^NUR-DP-01 at .* stands in line \d+ too\.$/) },
    ]);
    expect((await take(both)).status).toBe(422);
    expect(await out()).toBe(before);
  });

  test('a pump that no line is about stays; its tag is not taken from it', async () => {
    const csv = await out();
    const [head] = csv.split('\r\n');
    const file = (text: string) => `${head}\r\n${text}\r\n`;
    const acid = row(csv, 'NUR-DP-01');
    expect((await look(file(acid.replace('NUR-DP-01', 'NUR-DP-02')))).faults).toMatchObject([
      { line: 2, column: 4, words: 'NUR-DP-02 already exists at Southfield Glasshouse Nursery.' },
    ]);
    expect((await take(file(acid.replace('NUR-DP-01', 'NUR-DP-31')))).body).toMatchObject({ changed: 1 });
    expect((await out()).split('\r\n')).toHaveLength(csv.split('\r\n').length);
  });

  test('without its label a pump is known by tag and site, and columns that the file has not do not change', async () => {
    const csv = await out();
    const columns = 'site,site_place,zone,tag,name,place,profile,model,serial';
    const cells = Papa.parse<string[]>(row(csv, 'NUR-DP-01')).data[0].slice(0, 9);
    cells[4] = 'Acid dosing';
    const file = `${columns}\n${Papa.unparse([cells])}`;
    expect((await look(file)).changes.map(({ lines }) => lines.map(({ label }) => label))).toEqual([
      ['What it does'],
    ]);
    const plate = (await own.get('/api/v1/pumps/pump-acid')).body as { unit: { plate: object } };
    await take(file);
    const after = (await own.get('/api/v1/pumps/pump-acid')).body as typeof plate & { name: string };
    expect([after.name, after.unit.plate]).toEqual(['Acid dosing', plate.unit.plate]);
  });

  test('the zone of a site, a controller of another kind, a plate that was read at the pump: told at their columns', async () => {
    const csv = await out();
    const head = csv.split('\r\n')[0].split(',');
    const at = (column: string) => head.indexOf(column) + 1;
    const zone = edited(csv, 'NUR-DP-01', ['Atlantic/Faroe', 'Europe/London']);
    expect((await look(zone)).faults).toMatchObject([{ column: at('zone') }]);
    const kind = edited(
      csv,
      'NUR-DP-01',
      [',two-point-soft-keys,', ',spa-pack-four-keys,'],
      [',motor-three-gears,', ',spa-pack-four-keys,'],
    );
    expect((await look(kind)).faults[0]).toMatchObject({ column: at('profile') });
    await own.database.sequelize.query(
      "UPDATE units SET plateReadAt = '2026-10-01T09:00:00.000Z', plate = json_set(plate, '$.rated_bar', 7) WHERE pumpId = 'pump-acid'",
    );
    const read = await out();
    const typed = edited(read, 'NUR-DP-01', [',7,', ',9,']);
    expect((await look(typed)).faults).toMatchObject([
      { column: at('rated_bar'), words: 'Read at the pump on 1 Oct 2026: “7”. Read it anew on a job.' },
    ]);
    // the same figure written otherwise is no change
    expect((await look(edited(read, 'NUR-DP-01', [',7,', ',7.0,']))).changes).toEqual([]);
  });

  test('a new pump keeps the code that is on its label, and a code that is none is told', async () => {
    const csv = await out();
    const [head] = csv.split('\r\n');
    const cells = (code: string) => `${line({ tag: 'CID-DP-55' })},${code}`;
    const file = (...codes: string[]) => `${HEAD},code\n${codes.map(cells).join('\n')}`;
    expect(head.endsWith(',code')).toBe(true);
    expect((await look(file('no code!'))).faults).toMatchObject([{ column: 13 }]);
    expect((await take(file('kk77pq23'))).status).toBe(201);
    expect((await own.get('/api/v1/codes/KK77PQ23')).status).toBe(200);
  });

  test('a site that moves is moved once; two places for one site are told at the second', async () => {
    const csv = await out();
    const of = row(csv, 'NUR-DP-01').split(',')[1].replaceAll('"', '');
    const moved = csv.replaceAll(
      `Southfield Glasshouse Nursery,${of},`,
      'Southfield Glasshouse Nursery,Mill Road,',
    );
    const answer = await take(moved);
    expect(answer.body).toMatchObject({ sites: 0, pumps: 0 });
    expect((await own.get('/api/v1/sites/site-nursery')).body).toMatchObject({ place: 'Mill Road' });
    const half = moved.replace(
      'Southfield Glasshouse Nursery,Mill Road,',
      'Southfield Glasshouse Nursery,Elsewhere,',
    );
    expect((await look(half)).faults[0]).toMatchObject({
      column: 2,
      words: expect.stringContaining('Elsewhere'),
    });
  });
});
