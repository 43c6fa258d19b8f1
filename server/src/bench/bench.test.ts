import type { BenchAnswer, BenchRequest } from '@barythm/contract/bench';
import type { PumpResource } from '@barythm/contract/resources';
import type { MeteringDuty } from '@barythm/core/families/metering';
import { bareContext, benchSheet } from '@barythm/core/job';
import { startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
let request: BenchRequest;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
  const pump = (await server.get('/api/v1/pumps/pump-quarantine')).body as PumpResource;
  request = {
    duty: pump.duty!,
    profile: pump.profile,
    plate: pump.unit.plate,
    today: pump.today,
    zone: pump.zone,
    sheets: [
      { name: 'As found', values: pump.reported!.values },
      { name: 'Longer', values: { ...pump.reported!.values, length: 100, rateB: 37 } },
    ],
    scenario: {
      days: 1,
      water: { every_s: 3600, flows_m3h: (pump.duty as MeteringDuty).water.hourly_m3h! },
      wobble: 0.2,
      seed: 7,
      events: [{ kind: 'broken-wire', at_s: 36_000, until_s: 39_600, amount: null }],
    },
  };
});
afterAll(() => server.stop());

test('the same run gives the same figures to the last digit, over the wire too', async () => {
  const answer = (await server.post('/api/v1/bench', request)).body as BenchAnswer;
  const { scenario, sheets, ...pump } = request;
  for (const [i, { values }] of sheets.entries()) {
    const here = benchSheet(bareContext({ ...pump, inForce: values }), values, scenario);
    expect(answer.runs[i].sums).toEqual(here.sums);
    expect(answer.runs[i].traces).toEqual(here.traces);
    expect(answer.runs[i].happenings).toEqual(here.happenings);
  }
  expect(answer.runs[0].sums.locked_s).toBeGreaterThan(3600);
  expect(answer.runs[1].sums.locked_s).toBe(0);
}, 60_000);

test.each([
  [
    'no flow at all',
    { water: { every_s: 60, flows_m3h: [] } },
    'scenario.water.flows_m3h',
    'at least one flow',
  ],
  ['a negative flow', { water: { every_s: 60, flows_m3h: [-1] } }, 'scenario.water.flows_m3h.0', 'negative'],
  ['a month', { days: 30 }, 'scenario.days', 'a day or a week'],
  [
    'an event that ends first',
    { events: [{ kind: 'gas', at_s: 9, until_s: 3, amount: 1 }] },
    'scenario.events.0.until_s',
    'end after it begins',
  ],
  [
    'an event that is none',
    { events: [{ kind: 'flood', at_s: 9, until_s: null, amount: null }] },
    'scenario.events.0.kind',
    'one of the events',
  ],
  [
    'an event of another family’s pumps',
    { events: [{ kind: 'frost', at_s: 9, until_s: 60, amount: 4 }] },
    'scenario.events.0.kind',
    'cannot happen to such a pump',
  ],
  ['half a second', { water: { every_s: 0, flows_m3h: [1] } }, 'scenario.water.every_s', 'a second at least'],
])('%s is refused at its field', async (_, change, field, words) => {
  const answer = await server.post('/api/v1/bench', {
    ...request,
    scenario: { ...request.scenario, ...change },
  });
  expect(answer.body).toMatchObject({
    status: 400,
    errors: expect.arrayContaining([{ field, words: expect.stringContaining(words) }]),
  });
});

test('a million flows are more than a body may hold', async () => {
  const flows_m3h = Array.from({ length: 1_000_000 }, () => 1);
  const scenario = { ...request.scenario, water: { every_s: 1, flows_m3h } };
  expect((await server.post('/api/v1/bench', { ...request, scenario })).body).toMatchObject({ status: 413 });
});
