import { wordsOfPaper } from '../golden/paper-words';
import { startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());

const handedOver = async () =>
  (
    await server.database.sequelize.query(
      "SELECT id FROM jobs WHERE state = 'handed-over' GROUP BY pumpId ORDER BY id",
    )
  )[0] as { id: string }[];

const FIRM = {
  name: 'The pump service at the old quay of the inner harbour, Skerrow',
  contact: 'Quay 4, behind the ice house, Skerrow; by day 55 01 20, at night and on holidays 55 01 21',
  logo: null,
};

test.each([
  ['', null],
  [', under the head of a firm', FIRM],
])(
  'every pump that was handed over has its page for those who live with it, on one sheet%s',
  async (_, firm) => {
    if (firm) expect((await server.post('/api/v1/firm', firm)).status).toBe(200);
    const jobs = await handedOver();
    expect(jobs.length).toBeGreaterThan(10);
    for (const { id } of jobs) {
      const { statusCode, headers, rawPayload } = await server.app.inject(`/api/v1/jobs/${id}/owner.pdf`);
      expect([id, statusCode, headers['content-type']]).toEqual([id, 200, 'application/pdf']);
      const words = wordsOfPaper(rawPayload);
      expect([id, words.includes('Page 1 of 1')]).toEqual([id, true]);
      for (const heading of ['When it runs', 'How it is stopped', 'Lamps and messages', 'What is locked'])
        expect(words).toContain(heading);
    }
  },
  60_000,
);

test('printed again it is the same, byte for byte', async () => {
  const [{ id }] = await handedOver();
  const print = async () => (await server.app.inject(`/api/v1/jobs/${id}/owner.pdf`)).rawPayload;
  expect((await print()).equals(await print())).toBe(true);
});
