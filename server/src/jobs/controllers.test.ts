import type { JobResource } from '@barythm/contract/resources';
import type { AnyProfile } from '@barythm/core/families';
import { contentHash, type CommonBehaviours } from '@barythm/core/profile';
import { v7 } from 'uuid';
import { startTestServer, type TestServer } from '../testing/test-server';

/** What a profile says of its controller, published and used over the wire. */

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());

const profileOf = async (id: string) => (await server.get(`/api/v1/profiles/${id}`)).body as AnyProfile;
const behaviours = ({ behaviours: own }: AnyProfile): CommonBehaviours => own;
const publish = (profile: AnyProfile, own: object) =>
  server.post('/api/v1/profiles', {
    ...profile,
    version: profile.version + 7,
    behaviours: { ...profile.behaviours, ...own },
  });

test('what a shipped profile says of its controller comes back to the letter, and has the hash that it had', async () => {
  const numbered = await profileOf('numbered-timer');
  expect(behaviours(numbered).messages?.map(({ shows }) => shows)).toEqual([
    'A 1',
    'F 1',
    'F 2',
    'red, twice, then a pause',
    'green, slowly',
  ]);
  expect(behaviours(numbered).access).toEqual({
    opensBy: 'The code, typed into P 00.',
    closesAfter_min: null,
  });
  const row = await server.database.models.profiles.findOne({
    where: { id: numbered.id, version: numbered.version },
  });
  expect(row?.get('hash')).toBe(contentHash(numbered));
});

test('a profile that says nothing of it is published with the hash of what was sent: nothing is added', async () => {
  const plain = await profileOf('motor-three-gears');
  const sent = { ...plain, version: 9 };
  const answer = await server.post('/api/v1/profiles', sent);
  expect([answer.status, (answer.body as { hash: string }).hash]).toEqual([201, contentHash(sent)]);
  const kept = await profileOf('motor-three-gears');
  expect(Object.keys(kept.behaviours).sort()).toEqual(Object.keys(plain.behaviours).sort());
});

test.each([
  [
    'a message without what to do',
    { messages: [{ shows: 'E 1', kind: 'fault', means: 'Dry.', todo: '' }] },
    'todo',
  ],
  [
    'a message of no kind',
    { messages: [{ shows: 'E 1', kind: 'note', means: 'Dry.', todo: 'Look.' }] },
    'kind',
  ],
  [
    'an alarm that switches nothing',
    { alarms: [{ name: '1', tells: 'dry', contact: 'opens', most_V: 0 }] },
    'most_V',
  ],
  [
    'access that closes after no time',
    { access: { opensBy: 'A code.', closesAfter_min: 0 } },
    'closesAfter_min',
  ],
  ['no options, said as a list', { options: [] }, 'options'],
])('%s is refused at its field, and nothing is published', async (_, own, field) => {
  const profile = await profileOf('stepper-flow');
  const answer = await publish(profile, own);
  expect(answer.status).toBe(400);
  const { errors } = answer.body as { errors: { field: string; words: string }[] };
  expect(errors.map((one) => one.field).join()).toContain(field);
  expect((await profileOf('stepper-flow')).version).toBe(profile.version);
});

describe('on a job whose profile knows its messages', () => {
  const record = async (jobId: string, body: object) => {
    const { document } = (await server.get(`/api/v1/jobs/${jobId}`)).body as JobResource;
    return server.command(
      { kind: 'job.record', jobId, recordId: v7(), record: body } as never,
      document.job.version,
    );
  };
  const findings = async (jobId: string) =>
    ((await server.get(`/api/v1/jobs/${jobId}`)).body as JobResource).document;

  test('a fault taken for a reminder, and access left open, are kept as they were written', async () => {
    const jobId = v7();
    const began = await server.command(
      { kind: 'job.start', jobId, pumpId: 'drive-nursery', visitId: v7(), date: '2026-11-24' },
      0,
    );
    expect(began.status).toBe(200);
    const shown = {
      kind: 'messages',
      shows: 'low water',
      takenFor: 'reminder',
      pump: 'runs',
      lastFaults: ['Sensor'],
    };
    expect((await record(jobId, shown)).status).toBe(200);
    const left = { kind: 'automatic', seen: 'It runs.', leaving: ['covers', 'access'] };
    expect((await record(jobId, left)).status).toBe(200);
    const document = await findings(jobId);
    expect(document.records.map(({ body }) => body)).toEqual([shown, left]);
    const twice = await record(jobId, {
      ...left,
      leaving: ['covers', 'access', 'set-up', 'link', 'afar', 'covers'],
    });
    expect(twice.status).toBe(400);
    const unknown = await record(jobId, { ...left, leaving: ['roof'] });
    expect(unknown.status).toBe(400);
  });
});
