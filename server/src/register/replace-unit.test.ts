import type { PumpHistory, PumpResource, Round } from '@barythm/contract/resources';
import type { JobDocument } from '@barythm/core/families';
import { lastLeftOf } from '@barythm/core/job';
import { v7 } from 'uuid';
import { startTestServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeEach(async () => {
  server = await startTestServer({ demo: true });
});
afterEach(() => server.stop());

const TODAY = '2026-11-24';
const TUB = 'pump-tub';
const get = async <T>(url: string) => (await server.get(`/api/v1/${url}`)).body as T;
const pump = (id = TUB) => get<PumpResource>(`pumps/${id}`);
interface Faults {
  readonly errors?: readonly { readonly field: string; readonly words: string }[];
}
const replace = async (unit: object, id = TUB) => {
  const { status, body } = await server.post(`/api/v1/register/pumps/${id}/unit`, unit);
  return { status, errors: (body as Faults).errors ?? [] };
};
const takeBack = async (id = TUB) =>
  (await server.app.inject({ method: 'DELETE', url: `/api/v1/register/pumps/${id}/unit` })).statusCode;
const start = (pumpId: string) =>
  server.command({ kind: 'job.start', jobId: v7(), pumpId, visitId: v7(), date: TODAY }, 0);
const UNIT = { on: TODAY, profile: '', model: 'Rail 12', serial: 'RL-70011' };
const sameKind = async (id = TUB) => ({ ...UNIT, profile: (await pump(id)).profile.id });

test('place, tag, label and visits stay; settings, calibration and duty of the unit that went are not believed of the new one', async () => {
  const before = await pump();
  expect(before.latest).not.toBeNull();
  expect(await replace(await sameKind())).toMatchObject({ status: 201 });
  const after = await pump();
  expect([after.tag, after.code, after.jobs]).toEqual([before.tag, before.code, before.jobs]);
  expect(after.unit).toMatchObject({ model: 'Rail 12', serial: 'RL-70011', installedOn: TODAY });
  expect(after.replaced).toEqual({
    on: TODAY,
    model: before.unit.model,
    serial: before.unit.serial,
    jobId: before.latest!.job.id,
  });
  expect([after.latest, after.duty, after.reported]).toEqual([null, null, null]);
  const history = await get<PumpHistory>(`pumps/${TUB}/history`);
  expect(history.units.map(({ serial, to }) => [serial, to])).toEqual([
    ['RL-70011', null],
    [before.unit.serial, TODAY],
  ]);
  // what was measured is the old unit's; what was done at the place is still told
  expect([history.calibrations, history.counters]).toEqual([[], []]);
  expect(history.changes.length).toBeGreaterThan(0);
  // the next job begins with nothing known of it
  await start(TUB);
  const { latest } = await pump();
  expect(latest).toMatchObject({
    lastLeft: null,
    dutyBefore: null,
    earlier: [],
    unit: { serial: 'RL-70011' },
  });
});

test('it stands on the round until a job is begun on it, and is found by its own serial and the old one', async () => {
  await get<Round>('round');
  const was = (await pump()).unit.serial;
  await replace(await sameKind());
  const due = async () =>
    (await get<Round>('round')).due.filter(({ pumpId, key }) => pumpId === TUB && key === 'replaced');
  expect((await due()).map(({ words, date }) => [words, date])).toEqual([
    ['Set up the new unit: replaced on 24 Nov 2026.', TODAY],
  ]);
  for (const serial of ['RL-70011', was])
    expect((await get<{ items: object[] }>(`pumps?search=${serial}`)).items).toMatchObject([{ id: TUB }]);
  await start(TUB);
  expect(await due()).toEqual([]);
});

test('what the site reported before it was replaced is not about the new unit', async () => {
  const id = 'pump-seal-inlet';
  expect((await pump(id)).reported).not.toBeNull();
  expect(await replace(await sameKind(id), id)).toMatchObject({ status: 201 });
  expect((await pump(id)).reported).toBeNull();
  await start(id);
  expect((await pump(id)).latest?.lastLeft).toBeNull();
});

test('entered by a slip it is taken back, and everything that was known stands again; not once a job was begun', async () => {
  const before = await pump();
  expect(await takeBack()).toBe(400);
  await replace(await sameKind());
  expect(await takeBack()).toBe(200);
  expect(await pump()).toEqual(before);
  expect((await get<{ total: number }>('pumps?search=RL-70011')).total).toBe(0);
  await replace(await sameKind());
  await start(TUB);
  expect(await takeBack()).toBe(400);
  expect((await pump()).unit.serial).toBe('RL-70011');
});

test('replaced twice on one day, each is taken back to the one before it', async () => {
  const first = (await pump()).unit.serial;
  for (const serial of ['RL-1', 'RL-2', 'RL-3'])
    expect(await replace({ ...(await sameKind()), serial })).toMatchObject({ status: 201 });
  const { units } = await get<PumpHistory>(`pumps/${TUB}/history`);
  expect(units.map(({ serial }) => serial)).toEqual(['RL-3', 'RL-2', 'RL-1', first]);
  for (const serial of ['RL-2', 'RL-1', first]) {
    expect(await takeBack()).toBe(200);
    expect((await pump()).unit.serial).toBe(serial);
  }
});

describe('refused in words, at the field', () => {
  const told = async (change: object, id = TUB) => {
    const { status, errors } = await replace({ ...(await sameKind(id)), ...change }, id);
    return [status, ...errors.map(({ field, words }) => `${field}: ${words}`)];
  };

  test('under an open job, on a day to come, or before the last job on the unit before', async () => {
    expect(await told({ on: '2026-11-25' })).toEqual([400, expect.stringMatching(/^on: .*yet to come/)]);
    expect(await told({ on: '2026-11-03' })).toEqual([400, expect.stringMatching(/^on: .*4 Nov 2026/)]);
    // near miss: on the day of that job
    expect(await told({ on: '2026-11-04' })).toEqual([201]);
    await start(TUB);
    expect(await told({ serial: 'RL-2' })).toEqual([400, expect.stringMatching(/^on: A job is open/)]);
  });

  test('a controller of another kind, one that is not there, a plate that is none', async () => {
    const { profiles } = await get<{ profiles: { id: string; family: string }[] }>('library');
    const other = profiles.find(({ family }) => family === 'spa')!.id;
    for (const profile of [other, 'none'])
      expect(await told({ profile })).toEqual([400, expect.stringMatching(/^profile: /)]);
    expect(await told({ serial: 'x'.repeat(80) })).toEqual([201]);
    expect((await told({ serial: 'x'.repeat(81) }))[0]).toBe(400);
  });

  test('a unit that stands there already, or at another pump; near miss: the serial of another model', async () => {
    const [own, other] = [(await pump()).unit, (await pump('pump-acid')).unit];
    const { model, serial } = own;
    expect(await told({ model, serial })).toEqual([400, expect.stringMatching(/^serial: .*already/)]);
    expect(await told({ model: other.model, serial: other.serial })).toEqual([
      400,
      expect.stringMatching(/^serial: .*NUR-DP-01/),
    ]);
    expect(await told({ serial: other.serial })).toEqual([201]);
  });
});

describe('a newer version of its profile', () => {
  type Parameter = Readonly<Record<string, unknown>>;
  /** Publishes the pump's profile anew with its settings changed. */
  const publish = async (change: (parameter: Parameter) => Parameter) => {
    const { profile } = await pump();
    const { version, parameters } = profile as unknown as { version: number; parameters: Parameter[] };
    const edited = { ...profile, version: version + 1, parameters: parameters.map(change) };
    expect((await server.post('/api/v1/profiles', edited)).text).toContain(profile.id);
  };
  const patch = async (payload: object) =>
    (await server.app.inject({ method: 'PATCH', url: `/api/v1/register/pumps/${TUB}`, payload })).statusCode;

  test('is taken when it is asked for, and what was believed goes on in its terms', async () => {
    const before = (await pump()).latest as JobDocument;
    await publish((one) => (one.role === 'calibration.factor' ? { ...one, key: 'factor-b' } : one));
    expect((await pump()).profile.version).toBe(before.profile.version);
    expect(await patch({ newest: true })).toBe(200);
    expect((await pump()).profile.version).toBe(before.profile.version + 1);
    await start(TUB);
    const { lastLeft } = (await pump()).latest as JobDocument;
    const believed = lastLeftOf(before)!.values;
    const factor = before.profile.parameters.find(({ role }) => role === 'calibration.factor')!.key;
    const { [factor]: value, ...others } = believed;
    expect(value).toBeDefined();
    expect(lastLeft!.values).toEqual({ ...others, 'factor-b': value });
  });
});
