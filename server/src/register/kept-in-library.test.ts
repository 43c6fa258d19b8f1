import type { Library } from '@barythm/contract/resources';
import { startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());

const library = async () => (await server.get('/api/v1/library')).body as Library;
const faultOf = (body: unknown) => (body as { errors: { field: string; words: string }[] }).errors[0];

const BLEACH = {
  name: 'Bleach, trade',
  strength: { stated: 'volume', percent: 14 },
  measuredOn: '2026-11-20',
  halfLife_days: 90,
  density_kgl: 1.22,
  gassing: true,
  note: 'Never let it meet acid.',
} as const;
const COUNTER = {
  name: 'Loop calibrator 9',
  serial: 'LC-9',
  calibratedOn: '2026-03-02',
  measures: 'current',
} as const;

test('a product that is made is picked from the library, and put right it is the same one', async () => {
  const { status, body } = await server.post('/api/v1/library/products', {
    ...BLEACH,
    name: ' Bleach, trade ',
  });
  expect(status).toBe(200);
  const { id } = body as { id: string };
  expect((await library()).products.find((one) => one.id === id)).toEqual({ id, ...BLEACH });
  const anew = { ...BLEACH, strength: { stated: 'volume', percent: 12.5 }, measuredOn: '2026-11-24' };
  expect((await server.post(`/api/v1/library/products/${id}`, anew)).body).toEqual({ id });
  const own = (await library()).products.filter(({ name }) => name === BLEACH.name);
  expect(own).toEqual([{ id, ...anew }]);
});

test('an instrument that was calibrated again keeps its place', async () => {
  const { body } = await server.post('/api/v1/library/instruments', COUNTER);
  const { id } = body as { id: string };
  await server.post(`/api/v1/library/instruments/${id}`, { ...COUNTER, calibratedOn: '2026-11-24' });
  expect((await library()).instruments.filter(({ serial }) => serial === 'LC-9')).toEqual([
    { id, ...COUNTER, calibratedOn: '2026-11-24' },
  ]);
});

test.each([
  [{ ...BLEACH, name: ' ' }, 'name', 'Enter what it is called.'],
  [{ ...BLEACH, name: 'sodium hypochlorite 12.5 %' }, 'name', 'is in the library already'],
  [{ ...BLEACH, name: 'Bleach 😀' }, 'name', 'cannot be printed'],
  [{ ...BLEACH, measuredOn: '2026-11-25' }, 'measuredOn', 'still to come'],
  [{ ...BLEACH, strength: { stated: 'volume', percent: 140 } }, 'strength.percent', 'more than 100 %'],
  [{ ...BLEACH, density_kgl: 0 }, 'density_kgl', ''],
  [{ ...BLEACH, note: 'x'.repeat(1001) }, 'note', 'At most 1000 characters.'],
])(
  '%#: a product that cannot be is told at its field, and nothing is kept',
  async (product, field, words) => {
    const before = (await library()).products;
    const { status, body } = await server.post('/api/v1/library/products', product);
    expect([status, faultOf(body).field.replace(/^body\./, '')]).toEqual([400, field]);
    expect(faultOf(body).words).toContain(words);
    expect((await library()).products).toEqual(before);
  },
);

test.each([
  [{ ...COUNTER, name: 'LOOP CALIBRATOR 1' }, 'name', 'is in the library already'],
  [{ ...COUNTER, serial: ' ' }, 'serial', 'Enter its serial'],
  [{ ...COUNTER, calibratedOn: '2026-11-25' }, 'calibratedOn', 'still to come'],
  [{ ...COUNTER, calibratedOn: '25.11.2026' }, 'calibratedOn', 'A date is written'],
])('%#: an instrument that cannot be is told at its field', async (instrument, field, words) => {
  const { status, body } = await server.post('/api/v1/library/instruments', instrument);
  expect([status, faultOf(body).field.replace(/^body\./, '')]).toEqual([400, field]);
  expect(faultOf(body).words).toContain(words);
});

test('what is not here cannot be put right', async () => {
  expect((await server.post('/api/v1/library/products/none', BLEACH)).status).toBe(404);
  expect((await server.post('/api/v1/library/instruments/none', COUNTER)).status).toBe(404);
});
