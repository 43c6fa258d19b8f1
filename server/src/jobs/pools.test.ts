import type { BenchAnswer, BenchRequest } from '@barythm/contract/bench';
import type { JobResource, PumpResource, Round } from '@barythm/contract/resources';
import { plainWeek } from '@barythm/core/families/pool';
import { bareContext, benchSheet } from '@barythm/core/job';
import type { AnyProfile } from '@barythm/core/families';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import { v7 } from 'uuid';
import { startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());

const jobOf = async (pump: string) => {
  const { jobs } = (await server.get(`/api/v1/pumps/${pump}`)).body as PumpResource;
  return jobs[0].id;
};

test('the pools stand on the round with their week as a strip, and with what is wrong', async () => {
  const round = (await server.get('/api/v1/round')).body as Round;
  const therapy = round.pumps.find((pump) => pump.tag === 'CLI-PP-01');
  expect(therapy?.strip).toMatchObject({ unit: 'rev/min', greatest: 3260 });
  expect(therapy?.strip?.rates).toHaveLength(96);
  expect(therapy?.counts.stop).toBeGreaterThanOrEqual(2);
});

test('a season of visits: the tub was set right, changed by someone, and set right again', async () => {
  const history = (await server.get('/api/v1/pumps/pool-tub/history')).body as {
    changes: { label: string; to: string }[];
  };
  expect(history.changes.map(({ label }) => label)).toContain('Speed 2: from');
  const { latest } = (await server.get('/api/v1/pumps/pool-tub')).body as PumpResource;
  expect(latest?.handover?.summary.blocks.first).toMatchObject([
    { key: 'week', sides: [{ column: 'found' }, { column: 'left' }] },
  ]);
});

describe('programs as a calendar', () => {
  test('one event for each program left enabled, weekly, in the site’s zone with its own rules', async () => {
    const { text, status } = await server.get(`/api/v1/jobs/${await jobOf('pool-pups')}/programs.ics`);
    expect(status).toBe(200);
    const parsed = new ICAL.Component(ICAL.parse(text));
    const zone = new ICAL.Timezone(parsed.getFirstSubcomponent('vtimezone')!);
    const events = parsed.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
    expect(events).toHaveLength(5);
    // stamps are instants: in UTC, as RFC 5545 has it
    expect(text.match(/^DTSTAMP:.*$/gm)?.every((line) => /^DTSTAMP:\d{8}T\d{6}Z\r?$/.test(line))).toBe(true);
    const cleaner = events.find(({ description }) => description.includes('Cleaner'))!;
    expect(cleaner.component.getFirstPropertyValue('rrule')?.toString()).toBe('FREQ=WEEKLY;BYDAY=MO,WE,FR');
    expect(cleaner.startDate).toMatchObject({ hour: 10, minute: 0 });
    // by the clock on the wall: ten o’clock in summer is nine by UTC, in winter ten
    const hours = new Set<number>();
    const walk = cleaner.iterator();
    for (let i = 0; i < 120; i++) {
      const next = walk.next();
      expect(next.hour).toBe(10);
      hours.add(next.convertToZone(zone).convertToZone(ICAL.Timezone.utcTimezone).hour);
    }
    expect([...hours].sort((a, b) => a - b)).toEqual([9, 10]);
  });
  test('a run past midnight ends on the next day', async () => {
    const { text } = await server.get(`/api/v1/jobs/${await jobOf('pool-pups')}/programs.ics`);
    const events = new ICAL.Component(ICAL.parse(text))
      .getAllSubcomponents('vevent')
      .map((event) => new ICAL.Event(event));
    const over = events.filter(({ startDate, endDate }) => endDate.hour < startDate.hour);
    for (const { startDate, endDate } of over)
      expect(endDate.subtractDate(startDate).toSeconds()).toBeGreaterThan(0);
  });
  test('a pump without programs has none', async () => {
    const { body, status } = await server.get(`/api/v1/jobs/${await jobOf('pump-acid')}/programs.ics`);
    expect(status).toBe(404);
    expect(body).toMatchObject({ status: 404 });
  });
});

test('checks leave as CSV, a line for each figure, with what was expected', async () => {
  const { text, status } = await server.get(`/api/v1/jobs/${await jobOf('pool-pups')}/checks.csv`);
  expect(status).toBe(200);
  const { data } = Papa.parse<Record<string, string>>(text, { header: true });
  const of = (check: string) => data.filter((row) => row.check === check);
  expect(of('sensor-water').map(({ figure, value }) => [figure, value])).toEqual([
    ['shown_C', '28.4'],
    ['reference_C', '28.1'],
  ]);
  expect(of('limit')).toMatchObject([{ figure: 'seen', value: 'held', as_expected: 'yes', stands: 'yes' }]);
  const powers = data.filter(({ check }) => check.startsWith('power-'));
  expect(powers.length).toBeGreaterThan(0);
  for (const { expected, figure } of powers) {
    expect(expected).toContain('by the fitted curve');
    expect(figure).toBe('power_W');
  }
});

test('a week on the bench over the wire agrees to the last digit', async () => {
  const pump = (await server.get('/api/v1/pumps/pool-therapy')).body as PumpResource;
  const { duty, profile, unit, today, zone, reported } = pump;
  const bare = { duty: duty!, profile, plate: unit.plate, today, zone };
  const request: BenchRequest = {
    ...bare,
    sheets: [{ name: 'As found', values: reported!.values }],
    scenario: plainWeek(),
  };
  const answer = (await server.post('/api/v1/bench', request)).body as BenchAnswer;
  const here = benchSheet(bareContext({ ...bare, inForce: reported!.values }), reported!.values, plainWeek());
  expect(answer.runs[0].sums).toEqual(here.sums);
  expect(answer.runs[0].happenings).toEqual(here.happenings);
});

test('settings read in one go are taken all or none, and a write sent twice is one write', async () => {
  const jobId = v7();
  await server.command(
    { kind: 'job.start', jobId, pumpId: 'pool-therapy', visitId: v7(), date: '2026-11-24' },
    0,
  );
  const entry = (address: string, value: number) => ({
    entryId: v7(),
    address,
    raw: String(value),
    unit: '',
    value,
    reason: null,
  });
  const bad = await server.command(
    {
      kind: 'sheet.enter-many',
      jobId,
      column: 'found',
      entries: [entry('programs/1/start', 420), entry('programs/44/start', 420)],
    },
    0,
  );
  expect(bad.body).toMatchObject({
    status: 422,
    errors: [{ field: 'body.entries.1.address', words: expect.stringContaining('has no') }],
  });
  const good = {
    kind: 'sheet.enter-many',
    jobId,
    column: 'found',
    entries: [entry('programs/1/start', 420), entry('programs/1/stop', 1020)],
  } as const;
  const id = v7();
  expect((await server.command({ ...good, entries: [...good.entries] }, 0, { id })).status).toBe(200);
  expect((await server.command({ ...good, entries: [...good.entries] }, 0, { id })).status).toBe(200);
  const { document } = (await server.get(`/api/v1/jobs/${jobId}`)).body as JobResource;
  expect(document.entries.map(({ address }) => address)).toEqual(['programs/1/start', 'programs/1/stop']);
});

test.each([
  [
    'a role of another family',
    (profile: AnyProfile) => ({
      ...profile,
      parameters: [{ ...profile.parameters[0], role: 'signal.x1' }],
    }),
    'is no role of a pool pump',
  ],
  [
    'a program’s slot that repeats once',
    (profile: AnyProfile) => ({
      ...profile,
      groups: [
        { key: 'state', label: 'State', repeat: { count: 1, noun: 'State' } },
        ...profile.groups.slice(1),
      ],
    }),
    'repeats twice at least',
  ],
])('a pool profile with %s is refused in words', async (_, change, words) => {
  const profile = (await server.get('/api/v1/profiles/pool-drive-ten-slots')).body as AnyProfile;
  const answer = await server.post('/api/v1/profiles', { ...change(profile), version: 2 });
  expect(answer.status).toBeGreaterThanOrEqual(400);
  expect(answer.text).toContain(words);
});
