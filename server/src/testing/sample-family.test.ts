import type { JobResource, PumpResource, Round } from '@barythm/contract/resources';
import type { JobFile } from '@barythm/contract/formats';
import { v7 } from 'uuid';
import { FAN_PROFILE, SAMPLES } from '@barythm/core/families/samples/fan/fixtures';
import { Walk, type Sample } from '@barythm/core/job/testing/walk.fixtures';
import { startTestServer, type TestServer } from './test-server';
import type { JobCommandBody } from '@barythm/core/families';

// one line more in the table: nothing else of the house knows this family
jest.mock('../../../core/src/families/all', () => {
  const table = jest.requireActual<typeof import('../../../core/src/families/all')>(
    '../../../core/src/families/all',
  );
  const { fanFamily } = jest.requireActual<typeof import('@barythm/core/families/samples/fan/fixtures')>(
    '@barythm/core/families/samples/fan/fixtures',
  );
  const FAMILIES = { ...table.FAMILIES, fan: fanFamily };
  return { ...table, FAMILIES, familyOf: (name: keyof typeof FAMILIES) => FAMILIES[name] };
});

const TODAY = '2026-11-24';
const PUMP = { site: 'Cider Press', site_place: 'North road', zone: 'Atlantic/Faroe', tag: 'CID-FN-01' };
let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: false });
});
afterAll(() => server.stop());

/** What a technician writes on a whole job on a fan, one write after another. */
function writesOfAJob(): JobCommandBody[] {
  const bodies: JobCommandBody[] = [];
  class Written extends Walk {
    override write(body: JobCommandBody): void {
      super.write(body);
      bodies.push(body);
    }
  }
  const [sample] = SAMPLES as unknown as readonly Sample[];
  const walk = new Written(sample);
  walk.arrive();
  walk.found(sample.found);
  walk.plan();
  walk.set();
  walk.prove();
  walk.leave();
  return bodies;
}

test('a family that is one line in the table: from its profile to files that leave and come back', async () => {
  const published = await server.post('/api/v1/profiles', FAN_PROFILE);
  expect([published.status, published.text]).toEqual([201, expect.any(String)]);
  const rest = {
    name: 'Fan',
    place: 'Loft',
    profile: FAN_PROFILE.id,
    model: 'F',
    serial: 'F-1',
    rated_W: '40',
  };
  const added = await server.post('/api/v1/register/pumps', { ...PUMP, ...rest });
  const { id: pumpId } = added.body as { id: string };
  const pump = (await server.get(`/api/v1/pumps/${pumpId}`)).body as PumpResource;
  expect(pump.unit.plate).toEqual({ family: 'fan', rated_W: 40 });

  const jobId = v7();
  const started = await server.command({ kind: 'job.start', jobId, pumpId, visitId: v7(), date: TODAY }, 0);
  expect(started.status).toBe(200);
  for (const [version, body] of writesOfAJob().entries()) {
    const answer = await server.command({ ...body, jobId } as never, version);
    expect([body.kind, answer.status, answer.text]).toEqual([body.kind, 200, expect.any(String)]);
  }
  const { document } = (await server.get(`/api/v1/jobs/${jobId}`)).body as JobResource;
  expect(document.job.state).toBe('handed-over');
  expect(document.handover?.summary.settings.map(({ left }) => left)).toEqual(['60', 'Automatic']);

  const paper = await server.app.inject(`/api/v1/jobs/${jobId}/hand-over.pdf`);
  expect([paper.statusCode, paper.rawPayload.subarray(0, 5).toString()]).toEqual([200, '%PDF-']);
  for (const table of ['sheet.csv', 'checks.csv', 'speeds.csv'])
    expect((await server.get(`/api/v1/jobs/${jobId}/${table}`)).status).toBe(200);
  expect((await server.get(`/api/v1/jobs/${jobId}/speeds.csv`)).text).toBe('speed\r\n60');
  expect(await server.get(`/api/v1/jobs/${jobId}/programs.ics`)).toMatchObject({
    status: 404,
    body: {
      errors: [
        {
          words:
            'It leaves as hand-over.pdf, owner.pdf, work-order.pdf, job.json, sheet.csv, speeds.csv, checks.csv.',
        },
      ],
    },
  });

  const round = (await server.get('/api/v1/round')).body as Round;
  expect(round.due.map(({ words }) => words)).toEqual([]);
  const file = (await server.get(`/api/v1/jobs/${jobId}/job.json`)).body as JobFile;
  const other = await startTestServer({ demo: false });
  try {
    expect((await other.post('/api/v1/jobs/import', file)).status).toBe(201);
    expect((await other.get(`/api/v1/jobs/${jobId}/job.json`)).body).toEqual(file);
  } finally {
    await other.stop();
  }
}, 60_000);

test('its plate has its columns in the register’s file, and a meaning of another family is turned away in words', async () => {
  const csv = (await server.get('/api/v1/register.csv')).text.split('\r\n');
  expect(csv[0]).toContain('rated_bar');
  expect(csv[1]).toContain('CID-FN-01');
  const wrong = {
    ...FAN_PROFILE,
    id: 'fan-odd',
    parameters: [{ ...FAN_PROFILE.parameters[0], role: 'rate.manual' }],
  };
  expect((await server.post('/api/v1/profiles', wrong)).body).toMatchObject({
    errors: expect.arrayContaining([
      expect.objectContaining({ words: '“rate.manual” is no role of a fan pump.' }),
    ]),
  });
});
