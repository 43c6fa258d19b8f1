import { commandSchema } from '@barythm/contract/commands';
import type { JobFile } from '@barythm/contract/formats';
import { contentHash } from '@barythm/core/profile';
import { startTestServer, type TestServer } from '../testing/test-server';
import { expectGolden, golden } from './golden';
import { wordsOfPaper } from './paper-words';

interface KeptBody {
  readonly kind: string;
  readonly jobId: string;
  readonly record?: { readonly kind: string };
}

/** A write as the server kept it when its format was new, with the answer that it gave. */
interface KeptCommand {
  readonly command: { readonly id: string; readonly body: KeptBody };
  readonly hash: string;
  readonly answer: { readonly sequence: number; readonly jobId: string; readonly version: number };
}

const FILES = ['job-pump-therapy-2026-10-28', 'job-pump-tub-2026-11-04', 'job-pool-tub-2026-10-22'];
const commands = JSON.parse(golden('format-1/commands.json')) as KeptCommand[];

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer({ demo: false });
});
afterEach(() => server.stop());

test('every kind of write and of record that the first format knew is still understood, and is still the same write', () => {
  const kinds = new Set(commands.map(({ command }) => command.body.kind));
  expect([...kinds].sort()).toEqual([
    'finding.decide',
    'job.hand-over',
    'job.record',
    'job.start',
    'plan.accept',
    'proof.read',
    'sheet.enter',
    'sheet.enter-many',
  ]);
  expect(new Set(commands.flatMap(({ command }) => command.body.record?.kind ?? [])).size).toBe(19);
  for (const { command, hash } of commands) {
    expect(commandSchema.safeParse(command).error).toBeUndefined();
    expect([command.body.kind, contentHash(command)]).toEqual([command.body.kind, hash]);
  }
});

test('a write of the first format that is sent once more gets the answer that it had', async () => {
  await server.database.models.commands.bulkCreate(
    commands.map(({ command: { body, ...envelope }, hash, answer }) => ({
      ...envelope,
      body,
      hash,
      answer,
      sequence: answer.sequence,
      kind: body.kind,
      jobId: body.jobId,
      receivedAt: '2026-11-24T10:30:00.000Z',
    })),
  );
  for (const { command, answer } of commands) {
    expect(await server.post('/api/v1/commands', command)).toMatchObject({ status: 200, body: answer });
  }
});

test.each(FILES)('a job file of the first format is taken in whole: %s', async (id) => {
  const file = JSON.parse(golden(`format-1/${id}.json`)) as JobFile;
  expect(await server.post('/api/v1/jobs/import', file)).toMatchObject({ status: 201 });
  const { document } = (await server.get(`/api/v1/jobs/${id}/job.json`)).body as JobFile;
  expect(document.entries).toEqual(file.document.entries);
  expect(document.records).toEqual(file.document.records);
  expect(document.readings).toEqual(file.document.readings);
  expect(document.handover?.signature).toEqual(file.document.handover?.signature);
  // frozen in the first format, it is printed as it was, whatever jobs of today say
  expect(file.document.handover?.summary.formatVersion).toBe(1);
  expect(document.handover?.summary.formatVersion).toBe(2);
  const paper = await server.app.inject(`/api/v1/jobs/${id}/hand-over.pdf`);
  expectGolden(`format-1/${id}.txt`, wordsOfPaper(paper.rawPayload));
});
