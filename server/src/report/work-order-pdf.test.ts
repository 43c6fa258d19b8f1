import { v7 } from 'uuid';
import { wordsOfPaper } from '../golden/paper-words';
import { startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());

const paper = async (jobId: string, query = '') => {
  const { statusCode, rawPayload } = await server.app.inject(`/api/v1/jobs/${jobId}/work-order.pdf${query}`);
  expect(statusCode).toBe(200);
  return wordsOfPaper(rawPayload);
};

test('a job planned for tomorrow is printed before it is begun, in the units of whoever reads it', async () => {
  const jobId = v7();
  const start = {
    kind: 'job.start',
    jobId,
    pumpId: 'drive-hostel',
    visitId: v7(),
    date: '2026-11-25',
  } as const;
  expect((await server.command(start, 0)).status).toBe(200);
  const words = await paper(jobId);
  for (const part of [
    'Work order: LHH-BS-01',
    'planned for 25 Nov 2026',
    'Made safe',
    'No plan is accepted yet',
  ])
    expect(words).toContain(part);
  expect(words).toMatch(/Pressure at its inlet ________ bar/);
  expect(await paper(jobId, '?units=us')).toMatch(/Pressure at its inlet ________ psi/);
  const { statusCode } = await server.app.inject(`/api/v1/jobs/${jobId}/work-order.pdf?units=furlongs`);
  expect(statusCode).toBe(400);
});

test('a job with a plan says each target as it is known and as it is to be, and why', async () => {
  const words = await paper('job-pump-pup-pool-2026-11-24');
  expect(words).toMatch(/→/);
  expect(words).toContain('Proved at the pump');
});
