import { v7 } from 'uuid';
import { startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());

const ask = (headers: Record<string, string>, method: 'GET' | 'POST' = 'GET', url = '/api/v1/health') =>
  server.app.inject({ method, url, headers, ...(method === 'POST' ? { payload: {} } : {}) });

describe('whose pages may read and write', () => {
  test('a name that was led here reads nothing, whatever its page says of itself', async () => {
    const answer = await ask({ host: 'evil.example', origin: 'http://evil.example' });
    expect(answer.statusCode).toBe(421);
    expect(answer.json()).toMatchObject({ code: 'foreign-host' });
  });
  test.each(['127.0.0.1:4310', 'localhost:9000', '[::1]:4310'])('%s is our own', async (host) => {
    expect((await ask({ host })).statusCode).toBe(200);
  });
  test('a page of another site writes nothing, even under our name', async () => {
    const answer = await ask(
      { host: '127.0.0.1:4310', origin: 'http://evil.example' },
      'POST',
      '/api/v1/commands',
    );
    expect(answer.statusCode).toBe(403);
    expect(answer.json()).toMatchObject({ code: 'foreign-origin' });
    const opaque = await ask({ host: '127.0.0.1:4310', origin: 'null' }, 'POST', '/api/v1/commands');
    expect(opaque.statusCode).toBe(403);
  });
  test('near miss: our own page may write, and its faults are told as ever', async () => {
    const answer = await ask(
      { host: '127.0.0.1:4310', origin: 'http://127.0.0.1:4310' },
      'POST',
      '/api/v1/commands',
    );
    expect(answer.statusCode).toBe(400);
  });
  test('another port of this machine is another program: its page writes nothing', async () => {
    const from = (origin: string) =>
      ask({ host: '127.0.0.1:4310', origin }, 'POST', '/api/v1/commands').then(
        ({ statusCode }) => statusCode,
      );
    expect(await from('http://127.0.0.1:4311')).toBe(403);
    expect(await from('http://localhost:3000')).toBe(403);
    expect(await from('http://127.0.0.1:4310')).toBe(400);
  });
  test('every answer asks for nothing of the device, and fonts come from here', async () => {
    const { headers } = await ask({ host: 'localhost' });
    expect(headers['permissions-policy']).toContain('camera=()');
    expect(headers['content-security-policy']).toContain("font-src 'self'");
  });
  test('an address that cannot be read gets a problem with the headers of any other', async () => {
    const answer = await ask({ host: 'localhost' }, 'GET', '/api/v1/%ZZ');
    expect(answer.statusCode).toBe(400);
    expect(answer.headers['content-type']).toContain('problem+json');
    expect(answer.headers['x-content-type-options']).toBe('nosniff');
    expect(answer.json()).toMatchObject({ code: 'bad-url' });
  });
});

describe('plain bad input is never a failure of the server', () => {
  const deep = (levels: number): unknown => (levels === 0 ? 1 : { not: deep(levels - 1) });
  test.each([
    ['a NUL in a path', 'GET', '/api/v1/jobs/a%00b', undefined],
    ['a NUL in a text', 'POST', '/api/v1/register/preview', { csv: 'site\u0000,tag' }],
    ['nesting without end', 'POST', '/api/v1/profiles', deep(400)],
    [
      'a quarter of a million numbers',
      'POST',
      '/api/v1/tools/calibration',
      { volumes_ml: Array(200_000).fill(1) },
    ],
    ['an unknown method', 'PUT', '/api/v1/jobs/x', {}],
  ] as const)('%s', async (_, method, url, payload) => {
    const answer = await server.app.inject({ method, url, payload: payload as object | undefined });
    expect(answer.statusCode).toBeGreaterThanOrEqual(400);
    expect(answer.statusCode).toBeLessThan(500);
    expect(answer.headers['content-type']).toContain('problem+json');
  });
  test('a content encoding that does not fit', async () => {
    const answer = await server.app.inject({
      method: 'POST',
      url: '/api/v1/commands',
      headers: { 'content-type': 'application/json', 'content-encoding': 'gzip' },
      payload: '{"not": "gzip"}',
    });
    expect(answer.statusCode).toBeLessThan(500);
  });
  test('an id that is used again under a new command changes nothing', async () => {
    const jobId = 'job-pump-pup-pool-2026-11-24';
    const { body } = await server.get(`/api/v1/jobs/${jobId}`);
    const { version } = (body as { document: { job: { version: number } } }).document.job;
    const recordId = v7();
    const record = {
      kind: 'job.record' as const,
      jobId,
      recordId,
      record: { kind: 'automatic' as const, seen: 'Once.' },
    };
    expect((await server.command(record, version)).status).toBe(200);
    const count = await server.database.models.records.count();
    const again = await server.command(record, version + 1);
    expect(again.status).toBe(409);
    expect(await server.database.models.records.count()).toBe(count);
  });
  test('an id in capitals is the same id', async () => {
    const jobId = 'job-pump-pup-pool-2026-11-24';
    const { body } = await server.get(`/api/v1/jobs/${jobId}`);
    const { version } = (body as { document: { job: { version: number } } }).document.job;
    const id = v7();
    const write = {
      kind: 'job.record' as const,
      jobId,
      recordId: v7(),
      record: { kind: 'automatic' as const, seen: 'Twice.' },
    };
    const first = await server.command(write, version, { id });
    const second = await server.command(write, version, { id: id.toUpperCase() });
    expect(second.body).toEqual(first.body);
  });
  test('a formula behind a line break, a tab or blanks is made safe in the register file', async () => {
    const names = ['\n=1+1', '\t=1+1', ' =1+1', '=1+1', '@x'];
    for (const [i, name] of names.entries()) {
      await server.post('/api/v1/register/pumps', {
        site: 'Formula works',
        site_place: '',
        zone: 'UTC',
        tag: `F-${i}`,
        name: `n${name}`,
        place: name.replace('\n', ''),
        profile: 'three-key-contact',
        model: '',
        serial: '',
        gear: '',
        greatest_spm: '',
        rated_bar: '',
      });
    }
    const { text } = await server.get('/api/v1/register.csv');
    for (const line of text.split('\r\n').filter((row) => row.includes('Formula works'))) {
      for (const cell of line.split(',')) expect(cell).not.toMatch(/^"?\s*[=@]/);
    }
  });
});
