import type { Firm, JobResource } from '@barythm/contract/resources';
import { v7 } from 'uuid';
import { wordsOfPaper } from '../golden/paper-words';
import { firmNow, logoOf } from './index';
import { startTestServer, type TestServer } from '../testing/test-server';

/** A picture of 24 by 8 points, in one colour. */
const LOGO =
  'iVBORw0KGgoAAAANSUhEUgAAABgAAAAICAIAAABsw6g0AAAAFElEQVR4nGPgjoqgCmIYNWgkGwQAgPeNwXj0wZoAAAAASUVORK5CYII=';
const OURS: Firm = { name: 'Moor pump service', contact: 'Quay 4, Skerrow · 55 01 20', logo: LOGO };

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());

const name = (firm: unknown) => server.post('/api/v1/firm', firm);
const paper = async (jobId: string, file = 'hand-over.pdf') => {
  const answer = await server.app.inject(`/api/v1/jobs/${jobId}/${file}`);
  expect(answer.statusCode).toBe(200);
  return { words: wordsOfPaper(answer.rawPayload), bytes: answer.rawPayload };
};

/** A job on which nothing was done, handed over as such. */
async function handedOver(tag: string): Promise<string> {
  const jobId = v7();
  const added = await server.post('/api/v1/register/pumps', {
    site: 'Greenhouse at the moor',
    site_place: 'Skerrow',
    zone: 'UTC',
    tag,
    name: 'Chlorine',
    place: 'Pump house',
    profile: 'three-key-contact',
    model: '',
    serial: '',
    gear: '',
    greatest_spm: '',
    rated_bar: '',
  });
  const { id: pumpId } = added.body as { id: string };
  await server.command({ kind: 'job.start', jobId, pumpId, visitId: v7(), date: '2026-11-24' }, 0);
  const version = async () =>
    ((await server.get(`/api/v1/jobs/${jobId}`)).body as JobResource).document.job.version;
  const looked = { kind: 'looked-at', why: 'Nobody had the key.' } as const;
  await server.command({ kind: 'job.record', jobId, recordId: v7(), record: looked }, await version());
  const signed = await server.command(
    { kind: 'job.hand-over', jobId, handoverId: v7(), signedAs: 'Owner', signature: null, nextDue: null },
    await version(),
  );
  expect([signed.status, signed.text]).toEqual([200, expect.stringContaining('version')]);
  return jobId;
}

test('nobody has named a firm: papers carry the product’s own head', async () => {
  expect((await server.get('/api/v1/firm')).body).toEqual({ name: '', contact: '', logo: null });
  const jobId = await handedOver('GRE-1');
  expect((await paper(jobId)).words).toContain('Barythm');
});

test('a paper carries the firm of its day, whatever it is called later', async () => {
  expect((await name(OURS)).status).toBe(200);
  expect((await server.get('/api/v1/firm')).body).toEqual(OURS);
  const jobId = await handedOver('GRE-2');
  const signed = await paper(jobId);
  expect(signed.words).toContain('Moor pump service');
  expect(signed.words).toContain('Quay 4, Skerrow');
  expect(signed.words).not.toContain('Barythm');
  expect(signed.bytes.toString('latin1')).toContain('/Subtype /Image');
  await name({ name: 'Another name', contact: '', logo: null });
  const again = await paper(jobId);
  expect(again.bytes.equals(signed.bytes)).toBe(true);
  // what is printed before the job is of today
  const order = await paper(jobId, 'work-order.pdf');
  expect(order.words).toContain('Another name');
  expect(order.words).not.toContain('Moor pump service');
  expect((await paper(jobId, 'owner.pdf')).words).toContain('Another name');
});

test('a job that was signed elsewhere never carries the logo of this house', async () => {
  await name(OURS);
  const line = await firmNow(server.database.models);
  const own = { id: line!.id, name: OURS.name, contact: OURS.contact };
  expect(await logoOf(server.database, own)).toBe(LOGO);
  expect(await logoOf(server.database, { ...own, name: 'A firm elsewhere' })).toBeNull();
  expect(await logoOf(server.database, { ...own, contact: 'Another quay' })).toBeNull();
});

test('a name that is taken out again is none', async () => {
  expect((await name({ name: ' ', contact: '', logo: null })).status).toBe(200);
  expect((await server.get('/api/v1/firm')).body).toEqual({ name: '', contact: '', logo: null });
});

test.each([
  [{ ...OURS, name: '' }, 'name', 'Enter the name of the firm.'],
  [{ ...OURS, name: 'Pumps 😀' }, 'name', 'cannot be printed'],
  [{ ...OURS, name: 'x'.repeat(81) }, 'name', 'At most 80 characters.'],
  [{ ...OURS, logo: 'R0lGODlhAQABAAAAACw=' }, 'logo', 'choose a PNG or a JPEG'],
  [{ ...OURS, logo: LOGO.slice(0, 60) }, 'logo', 'cannot be read'],
  [{ ...OURS, logo: 'A'.repeat(200_001) }, 'logo', 'larger than 150 kB'],
  [{ ...OURS, logo: 'no picture' }, 'logo', 'no picture'],
])(
  '%#: what no paper can carry is told at its field, and nothing is kept of it',
  async (firm, field, words) => {
    const before = (await server.get('/api/v1/firm')).body as Firm;
    const { status, body } = await name(firm);
    expect(status).toBe(400);
    const [error] = (body as { errors: { field: string; words: string }[] }).errors;
    expect(error.field.replace(/^body\./, '')).toBe(field);
    expect(error.words).toContain(words);
    expect((await server.get('/api/v1/firm')).body).toEqual(before);
  },
);

test('a picture that is far too large once unpacked is refused by its head alone', async () => {
  const head = Buffer.from(LOGO, 'base64');
  head.writeUInt32BE(30_000, 16);
  head.writeUInt32BE(30_000, 20);
  const { status, body } = await name({ ...OURS, logo: head.toString('base64') });
  expect(status).toBe(400);
  expect((body as { errors: { words: string }[] }).errors[0].words).toContain('too large');
});
