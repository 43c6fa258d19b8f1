import type { Explained } from '@barythm/core/profile';
import { startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());

const all = async () => (await server.get('/api/v1/library/explained')).body as Explained[];

test('codes of every profile, and of its newest version once one is published', async () => {
  const before = await all();
  expect(before.length).toBeGreaterThan(100);
  const profile = (await server.get('/api/v1/profiles/drive-wheel-text')).body as {
    version: number;
    behaviours: { messages: object[] };
  };
  const { behaviours, version } = profile;
  const added = { shows: 'E 99', kind: 'fault', means: 'A test of the horn.', todo: 'Press Back.' };
  const next = {
    ...profile,
    version: version + 1,
    behaviours: { ...behaviours, messages: [...behaviours.messages, added] },
  };
  expect((await server.post('/api/v1/profiles', next)).status).toBe(201);
  const after = await all();
  expect(after).toHaveLength(before.length + 1);
  expect(after.find(({ shows }) => shows === 'E 99')).toMatchObject({
    profileId: 'drive-wheel-text',
    family: 'drive',
    means: 'A test of the horn.',
  });
});
