import type { PumpResource } from '@barythm/contract/resources';
import { renderFinding } from '@barythm/core/findings';
import { familyOf, type FamilyContext, type JobDocument } from '@barythm/core/families';
import { bareContext, benchSheet, viewJob } from '@barythm/core/job';
import { contentHash } from '@barythm/core/profile';
import { presentReader } from '@barythm/core/units';
import { stateOfPump } from '../register';
import { startTestServer, type TestServer } from '../testing/test-server';
import { expectGolden } from './golden';
import { wordsOfPaper } from './paper-words';
import { ALL_TEXTS } from '@barythm/core/families';

/** Jobs whose papers and files are kept whole: a signal by current, a meter with its drawdowns, and a pool. */
const WHOLE = ['job-pump-therapy-2026-10-28', 'job-pump-tub-2026-11-04', 'job-pool-tub-2026-10-22'];
const TODAY = '2026-11-24';

const plainDay = (context: FamilyContext) => familyOf(context.profile.family).bench.plain(context);

let server: TestServer;
let jobs: JobDocument[];
let pumps: PumpResource[];
beforeAll(async () => {
  server = await startTestServer({ demo: true });
  const ids = async (of: 'jobs' | 'pumps') =>
    (await server.database.models[of].findAll({ attributes: ['id'] }))
      .map((row) => row.get('id') as string)
      .sort();
  const all = async <T>(of: 'jobs' | 'pumps', read: (body: never) => T) => {
    const got: T[] = [];
    for (const id of await ids(of)) got.push(read((await server.get(`/api/v1/${of}/${id}`)).body));
    return got;
  };
  jobs = await all('jobs', ({ document }: { document: JobDocument }) => document);
  pumps = await all('pumps', (pump: PumpResource) => pump);
}, 60_000);
afterAll(() => server.stop());

test('what is found wrong on every pump and in every job of the demo', () => {
  const lines = jobs.flatMap((document) => {
    const { findings } = viewJob(document, TODAY);
    return Object.entries(findings).flatMap(([column, found]) =>
      found.map((one) => {
        const { title, so, will, todo } = renderFinding(one, ALL_TEXTS, presentReader());
        return `${document.job.id} | ${column} | ${one.code} ${one.severity} | ${title}. ${so} ${will} ${todo}`;
      }),
    );
  });
  const standing = pumps.flatMap((pump) =>
    stateOfPump(pump).findings.map((one) => `${pump.id} | ${one.code} ${one.severity} ${one.text}`),
  );
  expectGolden('findings.txt', `${[...lines, '', ...standing].join('\n')}\n`);
});

test('what was handed over, frozen: the same summary for every job', () => {
  const lines = jobs.flatMap(({ job, handover }) =>
    handover ? [`${job.id} ${contentHash(handover.summary)}`] : [],
  );
  expectGolden('hand-overs.txt', `${lines.join('\n')}\n`);
});

test('the bench of every pump, its sums to the last digit', () => {
  const lines = pumps.flatMap((pump) => {
    const { duty, profile, unit, today, zone, signalFrom, reported } = pump;
    if (!duty || !reported) return [];
    const inForce = reported.values;
    const context = bareContext({ duty, profile, plate: unit.plate, today, zone, inForce, signalFrom });
    const { sums } = benchSheet(context, inForce, plainDay(context));
    return [`${pump.id} ${JSON.stringify(sums)}`];
  });
  const ofJobs = jobs.flatMap((document) => {
    const { context, values } = viewJob(document, TODAY);
    if (!context) return [];
    const { sums } = benchSheet(context, values.force, plainDay(context));
    return [`${document.job.id} ${JSON.stringify(sums)}`];
  });
  lines.push(...ofJobs);
  expect(lines.length).toBeGreaterThan(10);
  expectGolden('bench.txt', `${lines.join('\n')}\n`);
});

test.each(WHOLE)('the paper of %s, word for word', async (id) => {
  const { rawPayload } = await server.app.inject(`/api/v1/jobs/${id}/hand-over.pdf`);
  expectGolden(`papers/${id}.txt`, wordsOfPaper(rawPayload));
});

test.each(WHOLE)('the tables and the calendar that leave of %s', async (id) => {
  const tables: string[] = [];
  for (const file of ['sheet.csv', 'readings.csv', 'checks.csv', 'programs.ics']) {
    const { status, text } = await server.get(`/api/v1/jobs/${id}/${file}`);
    tables.push(`# ${file}: ${status}`, status === 200 ? text.replace(/\r\n/g, '\n') : '');
  }
  expectGolden(`tables/${id}.txt`, `${tables.join('\n')}\n`);
});
