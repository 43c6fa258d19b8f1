import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Op } from 'sequelize';
import { buildServer } from '../src/app';
import { frozenClock } from '../src/clock';
import { openDatabase, type TableName } from '../src/db';
import { makeDemoData } from '../src/demo';
import { twentyBenches } from './hostile-benches';

/** Sends seeded hostile requests at a server of its own: each must be answered below 500, and one that is refused changes nothing. */
const option = (name: string, usual: number) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? usual : Number(process.argv[at + 1]);
};
const runs = option('runs', 400);
const seed = option('seed', 1);

/** Mulberry32: small, and the same everywhere. */
let state = seed >>> 0;
function chance(): number {
  state = (state + 0x6d2b79f5) >>> 0;
  let t = Math.imul(state ^ (state >>> 15), state | 1);
  t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
  return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
}
const pick = <T>(all: readonly T[]): T => all[Math.floor(chance() * all.length)];

const folder = mkdtempSync(join(tmpdir(), 'barythm-hostile-'));
const database = await openDatabase(join(folder, 'barythm.sqlite'));
await makeDemoData(database, frozenClock('2026-11-24T10:30:00.000Z'));
const app = await buildServer({ database, clock: frozenClock('2026-11-24T10:30:00.000Z') });
/** Jobs that take writes, with the version each stands at; those that are started on the way come in. */
const jobs = (
  await database.models.jobs.findAll({
    attributes: ['id', 'version'],
    where: { state: { [Op.notIn]: ['handed-over', 'cancelled'] } },
  })
).map((row) => row.get() as { id: string; version: number });
const pumps = (await database.models.pumps.findAll({ attributes: ['id'] })).map(
  (row) => row.get('id') as string,
);

/** A profile that is taken as it is. */
const sound = (await app.inject('/api/v1/pumps/pump-quarantine')).json<{ profile: unknown }>().profile;

const TABLES: readonly TableName[] = [
  'sites',
  'pumps',
  'units',
  'profiles',
  'visits',
  'jobs',
  'sheet_entries',
  'plans',
  'records',
  'readings',
  'decisions',
  'handovers',
  'commands',
];
/** One question for all tables: asked around every request that could write. */
const COUNTS = `SELECT ${TABLES.map((table) => `(SELECT COUNT(*) FROM ${table}) AS ${table}`).join(', ')}`;
const counts = async () => JSON.stringify((await database.sequelize.query(COUNTS))[0]);

const ODD: readonly unknown[] = [
  null,
  -1,
  0,
  1e308,
  '',
  '\u0000',
  'x'.repeat(5000),
  [],
  {},
  [[[]]],
  true,
  '2026-13-45',
  '9999-12-31T23:59:59Z',
  '../../etc',
  '=1+1',
  NaN,
  { __proto__: null },
  '𝟙',
  -0,
];

/** Words for an address, also of what has none. */
const words = (value: unknown) =>
  typeof value === 'string' ? value : (JSON.stringify(value) ?? 'undefined');

/** The same with one place of it broken: it gets further in than what is broken all over. */
function nicked(value: unknown): unknown {
  if (value === null || typeof value !== 'object' || chance() < 0.15) return pick(ODD);
  const keys = Object.keys(value);
  if (keys.length === 0) return pick(ODD);
  const key = pick(keys);
  const inner = nicked((value as Record<string, unknown>)[key]);
  return Array.isArray(value)
    ? value.map((one: unknown, i) => (String(i) === key ? inner : one))
    : { ...value, [key]: inner };
}

function broken(value: unknown, depth = 0): unknown {
  if (depth === 0 && chance() < 0.6) return nicked(value);
  if (chance() < 0.25 || depth > 4) return pick(ODD);
  if (Array.isArray(value)) return value.map((inner) => (chance() < 0.3 ? broken(inner, depth + 1) : inner));
  if (value !== null && typeof value === 'object') {
    const entries = Object.entries(value).filter(() => chance() > 0.1);
    return Object.fromEntries(
      entries.map(([key, inner]) => [key, chance() < 0.4 ? broken(inner, depth + 1) : inner]),
    );
  }
  return pick(ODD);
}

/** Strokes of a signature that no paper can draw, or that leave no mark. */
const PATHS = [
  'x',
  'M',
  'M 1 2 L 3',
  'M 1.2.3 4..5 L',
  '- - -',
  'M 5 5 L 5 5',
  'M 1e9 2 L 3 4',
  'M 30 80 L 52 40 L 70 92',
];

/** A profile of more places than any controller has, or that leads nowhere. */
function oddProfile(): unknown {
  const profile = structuredClone(sound) as {
    id: string;
    groups: unknown[];
    parameters: Record<string, unknown>[];
  };
  const { role: _, appliesWhen: __, ...plain } = profile.parameters[0];
  profile.id = `odd-${Math.floor(chance() * 1e9)}`;
  const key = pick(['a/b', '__proto__', 'many', 'x'.repeat(500), 'constructor']);
  profile.groups.push({ key, label: 'Many', repeat: { count: pick([2, 99, 1e9]), noun: 'Place' } });
  for (let i = 0; i < pick([1, 40, 900]); i++)
    profile.parameters.push({ ...plain, key: `p${i}`, group: key });
  return profile;
}

const records = [
  { kind: 'automatic', seen: 'Runs.' },
  { kind: 'clock', error_min: 3, setRight: true, reason: null },
  { kind: 'check', check: 'prime', seen: 'returns', figures: {}, note: '' },
  { kind: 'check', check: 'toString', seen: 'x', figures: {}, note: '' },
  { kind: 'check', check: '__proto__', seen: 'x', figures: {}, note: '' },
  { kind: 'make-safe', steps: ['stopped', 'isolated'], changed: { on: ['isolated'], off: ['stopped'] } },
  { kind: 'make-safe', steps: ['nothing'], changed: { on: ['constructor'], off: [] } },
  { kind: 'calibration-withdrawn' },
  {
    kind: 'identify',
    plate: { gear: 'B', greatest_spm: 90, rated_bar: 10 },
    serial: 'x',
    controllerAsProfile: true,
    note: '',
  },
  {
    kind: 'calibration',
    by: 'strokes',
    volumes_mL: [10, 10, 10],
    amount: 100,
    shown_lph: null,
    division_mL: 0.1,
    bubbles: false,
    assumed_mL: 0.1,
    length_pct: 70,
    pressure_bar: 2,
    product: 'x',
  },
];

function command(i: number): unknown {
  const job = pick(jobs);
  const body = pick([
    { kind: 'job.record', jobId: job.id, recordId: `r-${seed}-${i}`, record: pick(records) },
    {
      kind: 'sheet.enter',
      jobId: job.id,
      entryId: `e-${seed}-${i}`,
      address: 'stroke/1/length',
      column: 'found',
      raw: '70',
      unit: '%',
      value: 70,
      reason: null,
    },
    { kind: 'plan.accept', jobId: job.id, planId: `p-${seed}-${i}`, duty: {}, targets: [] },
    {
      kind: 'job.start',
      jobId: `j-${seed}-${i}`,
      visitId: `v-${i}`,
      pumpId: pick(pumps),
      date: '2026-11-24',
    },
    {
      kind: 'job.hand-over',
      jobId: job.id,
      handoverId: `h-${i}`,
      signedAs: 'Visitor',
      signature: { width: 320, height: 120, paths: [pick(PATHS)] },
      nextDue: null,
    },
  ]);
  return {
    id: `0193a000-0000-7000-8000-${String(i).padStart(12, '0')}`,
    baseVersion: job.version,
    recordedAt: '2026-11-24T10:30:00.000Z',
    device: 'x',
    actor: 'Technician 1',
    body,
  };
}

/** A write that was taken moves its job on. */
function taken(body: string): void {
  if (!body.startsWith('{"sequence"')) return;
  const { jobId, version } = JSON.parse(body) as { jobId: string; version: number };
  const known = jobs.find(({ id }) => id === jobId);
  if (known) known.version = version;
  else jobs.push({ id: jobId, version });
}

let failed = 0;
let refused = 0;
for (let i = 0; i < runs; i++) {
  const [method, url, payload] = pick<() => readonly [string, string, unknown]>([
    () => ['POST', '/api/v1/commands', broken(command(i))],
    () => ['POST', '/api/v1/commands', command(i)],
    () => ['POST', '/api/v1/bench', broken({ scenario: { days: 1 }, runs: [] })],
    () => [
      'POST',
      `/api/v1/tools/${pick(['signal', 'dose', 'units', 'gas', 'nothing', '__proto__'])}`,
      broken({ value: 1, quantity: 'length', from: 'm' }),
    ],
    () => ['POST', '/api/v1/register/import', broken({ csv: 'site,tag\nA,B' })],
    () => ['POST', '/api/v1/profiles', broken({ format: 'barythm-profile', family: 'metering' })],
    () => ['POST', '/api/v1/profiles', oddProfile()],
    () => [
      'POST',
      '/api/v1/register/import',
      { csv: `site,tag,name\nA,B-${i},${pick(['x'.repeat(20_000), '=1+1', '﹦1', '−1'])}` },
    ],
    () => ['POST', '/api/v1/jobs/import', broken({ format: 'barythm-job', formatVersion: 1, document: {} })],
    () => [
      'GET',
      `/api/v1/pumps?search=${encodeURIComponent(words(pick(ODD)))}&page=${words(pick(ODD))}`,
      undefined,
    ],
    () => ['GET', `/api/v1/jobs/${encodeURIComponent(words(pick(ODD)))}`, undefined],
    () => ['GET', `/api/v1/round?day=${encodeURIComponent(words(pick(ODD)))}`, undefined],
    () => [pick(['PUT', 'DELETE', 'PATCH']), '/api/v1/pumps', {}],
  ])();
  const writes = method !== 'GET';
  const before = writes ? await counts() : '';
  const answer = await app.inject({ method: method as 'GET', url, payload: payload as object | undefined });
  const after = writes ? await counts() : '';
  const bad = answer.statusCode >= 500 || (answer.statusCode >= 400 && before !== after);
  if (answer.statusCode >= 400) refused += 1;
  else taken(answer.body);
  if (!bad) continue;
  failed += 1;
  console.log(
    `${method} ${url.slice(0, 100)} answered ${answer.statusCode}${before === after ? '' : ' and changed something'}: ${JSON.stringify(payload)?.slice(0, 300)}`,
  );
}
for (const fault of await twentyBenches(app)) {
  failed += 1;
  console.log(fault);
}
await app.close();
await database.close();
rmSync(folder, { recursive: true, force: true });
console.log(`barythm: ${runs} hostile requests with seed ${seed}, ${refused} refused, ${failed} failed.`);
if (failed > 0) process.exitCode = 1;
