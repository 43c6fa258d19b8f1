import type { PumpResource } from '@barythm/contract/resources';
import { startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer({ demo: true });
});
afterEach(() => server.stop());

const patch = async (path: string, payload: object) => {
  const response = await server.app.inject({ method: 'PATCH', url: `/api/v1/register/${path}`, payload });
  const body = JSON.parse(response.body) as { errors?: { field: string; words: string }[] };
  return { status: response.statusCode, errors: body.errors ?? [] };
};
const pump = async (id: string) => (await server.get(`/api/v1/pumps/${id}`)).body as unknown as PumpResource;
const listed = async (search: string) => {
  const { body } = await server.get(`/api/v1/pumps?search=${encodeURIComponent(search)}`);
  return (body as { items: { id: string }[] }).items.map(({ id }) => id);
};

test('a slip in tag, name, model is put right, found by its new name, and kept as it was', async () => {
  const handed = 'job-pump-therapy-2026-10-28';
  const before = await server.get(`/api/v1/jobs/${handed}`);
  const was = (before.body as { document: { pump: object; unit: object } }).document;
  expect(
    await patch('pumps/pump-therapy', { tag: 'CLI-DP-91', name: 'Acid at the lane', model: 'Model B' }),
  ).toMatchObject({ status: 200 });
  expect(await pump('pump-therapy')).toMatchObject({ tag: 'CLI-DP-91', name: 'Acid at the lane' });
  expect(await listed('CLI-DP-91')).toEqual(['pump-therapy']);
  // what was handed over says what it said
  const after = await server.get(`/api/v1/jobs/${handed}`);
  expect((after.body as { document: typeof was }).document).toMatchObject({ pump: was.pump, unit: was.unit });
  // twice put right: still as it was when it was handed over
  await patch('pumps/pump-therapy', { tag: 'CLI-DP-92' });
  const again = await server.get(`/api/v1/jobs/${handed}`);
  expect((again.body as { document: typeof was }).document.pump).toEqual(was.pump);
});

test('a tag that another pump of the site has is told at the tag; near miss: its own', async () => {
  const { siteId, tag } = await pump('pump-therapy');
  const rows = await server.database.models.pumps.findAll({ where: { siteId } });
  const other = rows.map((row) => row.get('tag') as string).find((one) => one !== tag)!;
  const refused = await patch('pumps/pump-therapy', { tag: other, name: '' });
  expect(refused.status).toBe(400);
  expect(refused.errors.map(({ field }) => field).sort()).toEqual(['name', 'tag']);
  expect(refused.errors.find(({ field }) => field === 'tag')?.words).toContain('already exists');
  // a blank behind it is no other tag
  expect((await patch('pumps/pump-therapy', { tag: `${other} ` })).errors[0]).toMatchObject({ field: 'tag' });
  expect(await patch('pumps/pump-therapy', { tag })).toMatchObject({ status: 200 });
});

test('another controller of the same kind of pump is taken, of another kind is not', async () => {
  const { profiles } = (await server.get('/api/v1/library')).body as {
    profiles: { id: string; family: string }[];
  };
  const own = (await pump('pump-therapy')).profile;
  const alike = profiles.find(({ id, family }) => family === own.family && id !== own.id)!;
  const other = profiles.find(({ family }) => family !== own.family)!;
  const refused = await patch('pumps/pump-therapy', { profile: other.id });
  expect(refused.errors[0]).toMatchObject({ field: 'profile' });
  expect(refused.errors[0].words).toContain('another kind of pump');
  expect((await patch('pumps/pump-therapy', { profile: alike.id })).status).toBe(200);
  expect((await pump('pump-therapy')).profile.id).toBe(alike.id);
});

test('a pump is retired, leaves register and round, and is put back; not while a job is open', async () => {
  expect((await patch('pumps/pump-therapy', { retired: true })).status).toBe(200);
  const { tag, siteId, retiredOn } = await pump('pump-therapy');
  expect(retiredOn).toBe('2026-11-24');
  expect(await listed(tag)).toEqual([]);
  const round = await server.get('/api/v1/round');
  expect(round.text).not.toContain('"pumpId":"pump-therapy"');
  const start = {
    kind: 'job.start',
    jobId: 'j',
    pumpId: 'pump-therapy',
    visitId: 'v',
    date: '2026-11-24',
  } as const;
  expect((await server.command(start, 0)).text).toContain('retired');
  // its tag is free again at its site
  const site = (await server.get(`/api/v1/sites/${siteId}`)).body as {
    name: string;
    place: string;
    zone: string;
  };
  const added = await server.post('/api/v1/register/pumps', {
    site: site.name,
    site_place: site.place,
    zone: site.zone,
    tag,
    name: 'The new one',
    place: '',
    profile: 'two-point-soft-keys',
    model: '',
    serial: '',
  });
  expect(added.status).toBe(201);
  // and so it cannot come back under it
  await patch('pumps/pump-therapy', { retired: false, tag: `${tag}-OLD` });
  expect((await pump('pump-therapy')).retiredOn).toBeNull();
  const open = await server.database.models.jobs.findOne({ where: { state: 'open' } });
  const refused = await patch(`pumps/${open!.get('pumpId') as string}`, { retired: true });
  expect(refused.errors[0].words).toContain('A job is open');
});

test('a site is put right, and its pumps are found by its new name; retired once it is empty', async () => {
  const { siteId } = await pump('pump-therapy');
  expect((await patch(`sites/${siteId}`, { name: 'Clinic on the Rise' })).status).toBe(200);
  expect(await listed('Clinic on the Rise')).toContain('pump-therapy');
  expect((await patch(`sites/${siteId}`, { retired: true })).errors[0].words).toContain('in use');
  const rows = await server.database.models.pumps.findAll({ where: { siteId } });
  for (const row of rows) {
    await server.database.models.jobs.update(
      { state: 'cancelled' },
      { where: { pumpId: row.get('id') as string, state: ['open', 'planned'] } },
    );
    expect((await patch(`pumps/${row.get('id') as string}`, { retired: true })).status).toBe(200);
  }
  expect((await patch(`sites/${siteId}`, { retired: true })).status).toBe(200);
  const { items } = (await server.get('/api/v1/sites?search=Clinic')).body as { items: unknown[] };
  expect(items).toEqual([]);
  // a pump of it comes back only where its site does
  const back = await patch('pumps/pump-therapy', { retired: false });
  expect(back.errors[0].words).toContain('This site is retired');
});

test('a name that a renamed site had is free again, and a pump added to a retired site puts it back in use', async () => {
  const added = (site: string, tag: string) =>
    server.post('/api/v1/register/pumps', {
      site,
      site_place: 'The quay',
      zone: 'Atlantic/Faroe',
      tag,
      name: 'A pump',
      place: '',
      profile: 'two-point-soft-keys',
      model: '',
      serial: '',
    });
  const first = (await added('Ferry House', 'FER-DP-01')).body as { id: string };
  const { siteId } = await pump(first.id);
  expect((await patch(`sites/${siteId}`, { name: 'Old Ferry House' })).status).toBe(200);
  const second = (await added('Ferry House', 'FER-DP-01')).body as { id: string };
  const other = (await pump(second.id)).siteId;
  expect(other).not.toBe(siteId);
  await patch(`pumps/${second.id}`, { retired: true });
  expect((await patch(`sites/${other}`, { retired: true })).status).toBe(200);
  expect((await added('Ferry House', 'FER-DP-02')).status).toBe(201);
  expect(((await server.get(`/api/v1/sites/${other}`)).body as { retiredOn: null }).retiredOn).toBeNull();
});

test('what is no place of the register is told, and nothing is written', async () => {
  const refused = await patch('pumps/pump-therapy', { colour: 'red' });
  expect(refused.status).toBe(400);
  expect((await patch('pumps/nobody', { tag: 'X' })).status).toBe(404);
});

test('two tabs on one correction: what the other one put there is told at its field, and goes under only when it was seen', async () => {
  const { tag, name } = await pump('pump-therapy');
  await patch('pumps/pump-therapy', { tag: 'CLI-DP-71', was: { tag } });
  const late = await patch('pumps/pump-therapy', { tag: 'CLI-DP-72', name: 'Acid', was: { tag, name } });
  expect(late).toMatchObject({ status: 400, errors: [{ field: 'tag' }] });
  expect(late.errors[0].words).toContain('Meanwhile this became “CLI-DP-71”.');
  // all or nothing
  expect(await pump('pump-therapy')).toMatchObject({ tag: 'CLI-DP-71', name });
  expect(await patch('pumps/pump-therapy', { tag: 'CLI-DP-72', name: 'Acid', was: { name } })).toMatchObject({
    status: 200,
  });
  // near misses: the same put there by both, and another place altogether
  expect(await patch('pumps/pump-therapy', { tag: 'CLI-DP-72', was: { tag: 'CLI-DP-71' } })).toMatchObject({
    status: 200,
  });
  expect(await patch('pumps/pump-therapy', { place: 'Cellar', was: {} })).toMatchObject({ status: 200 });
  const site = (await pump('pump-therapy')).siteId;
  const other = await patch(`sites/${site}`, { name: 'A clinic', was: { name: 'Another name' } });
  expect(other).toMatchObject({ status: 400, errors: [{ field: 'name' }] });
});
