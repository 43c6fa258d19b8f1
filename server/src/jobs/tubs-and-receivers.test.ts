import type { CommandBody } from '@barythm/contract/commands';
import type { JobResource, PumpResource, Round } from '@barythm/contract/resources';
import type { SpaDuty } from '@barythm/core/families/spa';
import { readTableCsv } from '@barythm/core/families/spa';
import type { TransferDuty } from '@barythm/core/families/transfer';
import ICAL from 'ical.js';
import { startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());

const pumpOf = async (id: string) => (await server.get(`/api/v1/pumps/${id}`)).body as PumpResource;
const latestJob = async (id: string) => (await pumpOf(id)).jobs[0].id;

/** A job of today on a pump, just begun. */
async function begun(pumpId: string): Promise<JobResource> {
  const jobId = `job-${pumpId}-today`;
  const start = {
    kind: 'job.start',
    jobId,
    pumpId,
    visitId: `visit-${pumpId}-today`,
    date: '2026-11-24',
  } as const;
  await server.command(start, 0);
  return (await server.get(`/api/v1/jobs/${jobId}`)).body as JobResource;
}

test('both stand on the round with what is wrong, the worst in words', async () => {
  const round = (await server.get('/api/v1/round')).body as Round;
  const of = (tag: string) => round.pumps.find((pump) => pump.tag === tag);
  expect(of('LHH-SP-01')).toMatchObject({
    counts: { stop: 3 },
    worst: 'The number does not match what is connected',
  });
  expect(of('LHH-SP-01')?.strip).toMatchObject({ unit: 'W' });
  expect(of('CID-JR-01')).toMatchObject({
    counts: { stop: 2 },
    worst: 'At its minimum speed it moves nothing',
  });
});

test('a season of visits: a tub’s number was changed, and what was proved is frozen with its rows', async () => {
  const { latest, jobs } = await pumpOf('spa-clinic');
  expect(jobs.length).toBeGreaterThanOrEqual(2);
  const summary = latest?.handover?.summary;
  expect(summary?.blocks.first).toMatchObject([
    { key: 'number', sides: [{ column: 'found' }, { column: 'left' }] },
  ]);
  expect(summary?.blocks.behind.map(({ key }) => key)).toEqual(['warming', 'rows']);
});

test('the pack’s table leaves as a file that comes back; filter cycles leave as a calendar', async () => {
  const job = await latestJob('spa-hostel');
  const table = await server.get(`/api/v1/jobs/${job}/pack-table.csv`);
  const read = readTableCsv(table.text);
  expect(read.ok && read.rows).toHaveLength(30);
  const { text } = await server.get(`/api/v1/jobs/${job}/programs.ics`);
  const events = new ICAL.Component(ICAL.parse(text))
    .getAllSubcomponents('vevent')
    .map((event) => new ICAL.Event(event));
  expect(events.map(({ startDate }) => startDate.hour)).toEqual([7, expect.any(Number)]);
  expect(events[0].component.getFirstPropertyValue('rrule')?.toString()).toContain('FREQ=WEEKLY');
});

describe('what cannot be is told at its field, and changes nothing', () => {
  const refused = async (pumpId: string, body: (job: JobResource) => CommandBody) => {
    const job = await begun(pumpId);
    const before = job.document.job.version;
    const answer = await server.command(body(job), before);
    const after = (await server.get(`/api/v1/jobs/${job.document.job.id}`)).body as JobResource;
    expect(after.document.job.version).toBe(before);
    const { status, errors } = answer.body as { status: number; errors: { field: string; words: string }[] };
    return { status, words: errors.map((error) => `${error.field}: ${error.words}`).join('\n') };
  };
  const plan = (change: (duty: never) => unknown) => (job: JobResource) =>
    ({
      kind: 'plan.accept',
      jobId: job.document.job.id,
      planId: 'plan-1',
      duty: change(job.document.dutyBefore as never),
      targets: [],
    }) as unknown as CommandBody;
  const record = (body: object) => (job: JobResource) =>
    ({
      kind: 'job.record',
      jobId: job.document.job.id,
      recordId: 'record-1',
      record: body,
    }) as unknown as CommandBody;

  test('a phase that is not there', async () => {
    const answer = await refused(
      'spa-hostel',
      plan((duty: SpaDuty) => ({ ...duty, blower: { ...duty.blower, phase: 3 } })),
    );
    expect(answer.status).toBe(400);
    expect(answer.words).toContain('The supply has one phase: there is no phase 3.');
  });
  test('a table without rows, and one with two rows alike', async () => {
    expect((await refused('spa-clinic', record({ kind: 'pack-table', rows: [] }))).words).toContain(
      'The table has no rows: enter one at least.',
    );
    const row = {
      number: 1,
      pumps: [2],
      blower: false,
      circulation: false,
      ozone: false,
      heater: 'any',
      needs: [],
    };
    const two = record({ kind: 'pack-table', rows: [row, { ...row, number: 2 }] });
    expect((await refused('spa-clinic', two)).words).toContain('Rows 1 and 2 are alike');
  });
  test('slugs larger than the vessel', async () => {
    const answer = await refused(
      'transfer-cider',
      plan((duty: TransferDuty) => ({ ...duty, inflow: { ...duty.inflow, gulp_L: 500 } })),
    );
    expect(answer.status).toBe(400);
    expect(answer.words).toContain('it floods at every slug');
  });
});
