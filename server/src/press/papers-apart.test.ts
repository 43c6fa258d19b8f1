import { labelCode, freeCodes } from '../db';
import { makePaper } from './orders';
import { Press } from '.';
import { REGISTER_COLUMNS } from '../register/register-line';
import { startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());

/** Labels of some pumps. */
const labels = (count: number) =>
  ({
    paper: 'labels',
    pumps: Array.from({ length: count }, (_, i) => ({
      tag: `T-${i}`,
      name: 'Dosing pump',
      siteName: 'Seal Rescue Centre',
      code: labelCode(`pump-${i}`),
    })),
    base: 'http://127.0.0.1:4310',
    createdAt: '2026-11-24T10:30:00.000Z',
  }) as const;

describe('papers are made apart', () => {
  const press = new Press();
  afterAll(() => press.close());

  test('as they would be here, to the byte', async () => {
    expect((await press.print(labels(13))).equals(await makePaper(labels(13)))).toBe(true);
  });
  test('while some are made, other questions are answered', async () => {
    let printed = false;
    const paper = press.print(labels(400)).then(() => (printed = true));
    const { status } = await server.get('/api/v1/health');
    expect(status).toBe(200);
    expect(printed).toBe(false);
    await paper;
  });
  test('one that cannot be made is told, and the next is made', async () => {
    const bad = { ...labels(1), pumps: null } as unknown as Parameters<Press['print']>[0];
    await expect(press.print(bad)).rejects.toThrow();
    expect((await press.print(labels(1))).subarray(0, 5).toString()).toBe('%PDF-');
  });
  test('whoever has gone leaves the line', async () => {
    const gone = new AbortController();
    const first = press.print(labels(60));
    const second = press.print(labels(60), gone.signal);
    gone.abort();
    await expect(second).rejects.toThrow('was given up');
    await first;
  });
});

test('a register of more than a slice comes in with few statements and leaves whole, each pump once', async () => {
  const lines = Array.from({ length: 2300 }, (_, i) =>
    [
      `Site ${String(i % 7)}`,
      'Quay',
      'Atlantic/Faroe',
      `P-${i}`,
      'Pump',
      'House',
      'motor-three-gears',
      'Model',
      `S-${i}`,
      'B',
      '96',
      '10',
      '',
      '',
      '',
    ].join(','),
  );
  const answer = await server.post('/api/v1/register/import', {
    csv: [REGISTER_COLUMNS.join(','), ...lines].join('\n'),
  });
  expect(answer.body).toEqual({ sites: 7, pumps: 2300, changed: 0 });
  const { payload } = await server.app.inject('/api/v1/register.csv');
  const rows = payload.trimEnd().split('\r\n');
  const demo = rows.filter((row) => !row.startsWith('Site ')).length;
  expect(rows).toHaveLength(2300 + demo);
  expect(new Set(rows).size).toBe(rows.length);
  // the same file again says nothing new
  const again = await server.post('/api/v1/register/import', {
    csv: [REGISTER_COLUMNS.join(','), ...lines.slice(0, 3)].join('\n'),
  });
  expect(again.body).toEqual({ sites: 0, pumps: 0, changed: 0 });
});

test('codes drawn together are free and differ, though their first draws are one code', async () => {
  const { models, write } = server.database;
  const pump = (await models.pumps.findAll({ limit: 1 }))[0];
  await pump.update({ code: labelCode('taken') });
  const codes = await write((transaction) => freeCodes(models, ['taken', 'free', 'free'], transaction));
  expect(codes[0]).not.toBe(labelCode('taken'));
  expect(codes[1]).toBe(labelCode('free'));
  expect(new Set(codes).size).toBe(3);
});
