import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { JobResource, PumpResource } from '@barythm/contract/resources';
import { isContextOf, FamilyContext, isViewOf } from '@barythm/core/families';
import { bareContext, viewJob } from '@barythm/core/job';
import { buildServer } from '@barythm/server/app';
import { openStage } from '@barythm/e2e/stage';
import fastifyStatic from '@fastify/static';
import Fastify from 'fastify';
import { searchCheapest } from './cheapest';
import { dragToRedraw } from './drag';
import { driveWeekAgainstSteps } from './drive-week';
import { gzipOf } from './first-screen';
import { bareRoute, rate } from './list';
import { plansPerSecond } from './planning';
import { poolWeekAgainstSteps } from './pool-week';
import { weekAgainstBareLoop } from './week';

const BUILD = fileURLToPath(new URL('../../.build', import.meta.url));
/** As long as the app lets the search go on. */
const CHEAPEST_TIME_s = 25;
const JOB = 'job-pump-pup-pool-2026-11-24';

function line(what: string, figure: string, bar: string, holds: boolean): void {
  console.log(`${holds ? 'holds' : 'MISSES'}  ${what}: ${figure} (bar: ${bar})`);
  if (!holds) process.exitCode = 1;
}

/** Every script the browser fetched by the time the sign is on the screen, gzip. */
async function firstScreen(address: string, webRoot: string, sign: string): Promise<number> {
  const { browser } = stage;
  await browser.driver.get(address);
  await browser.until(`“${sign}” is on the screen`, async () =>
    (await browser.driver.executeScript<string>('return document.body.innerText')).includes(sign),
  );
  const scripts = await browser.driver.executeScript<string[]>(
    `return performance.getEntriesByType('resource').map((e) => new URL(e.name).pathname).filter((p) => p.endsWith('.js'))`,
  );
  return gzipOf(webRoot, scripts);
}

/** What the server answers. It closes a connection that stood still while something was reckoned: then it is asked once more. */
async function get<T>(path: string): Promise<T> {
  const ask = () => fetch(`${stage.address}/api/v1${path}`);
  const answer = await ask().catch(ask);
  return (await answer.json()) as T;
}

/** What planning starts from at pumps of the demo data. */
async function contextsOf(ids: readonly string[]): Promise<FamilyContext[]> {
  const pumps = await Promise.all(ids.map((id) => get<PumpResource>(`/pumps/${id}`)));
  return pumps.flatMap(({ duty, profile, unit, today, zone, reported, latest, signalFrom }) => {
    const held = latest ? viewJob(latest, today).context : null;
    if (held) return [held];
    const inForce = reported?.values ?? {};
    return duty ? [bareContext({ duty, profile, plate: unit.plate, today, zone, inForce, signalFrom })] : [];
  });
}

const stage = await openStage({ width: 390, height: 844 });
try {
  const empty = Fastify();
  await empty.register(fastifyStatic, { root: join(BUILD, 'empty') });
  const emptyAddress = await empty.listen({ host: '127.0.0.1', port: 0 });
  const own = await firstScreen(stage.address, join(BUILD, 'web'), 'Pumps with open findings');
  const bare = await firstScreen(emptyAddress, join(BUILD, 'empty'), 'Empty');
  await empty.close();
  const ratio = own / bare;
  line(
    'first screen’s scripts, gzip',
    `${(own / 1024).toFixed(0)} KiB, ${ratio.toFixed(2)} × an empty app’s ${(bare / 1024).toFixed(0)} KiB`,
    '1.6 ×',
    ratio <= 1.6,
  );

  const resource = await get<JobResource>(`/jobs/${JOB}`);
  const view = viewJob(resource.document, resource.today);
  if (!isViewOf('metering', view) || !view.context) throw new Error('The demo job has no metering duty.');
  const { context, values } = view;
  const contexts = [
    context,
    ...(await contextsOf([
      'pump-nutrient',
      'pump-tub',
      'pool-therapy',
      'pool-pups',
      'circulator-clinic',
      'drive-hostel',
      'spa-hostel',
      'transfer-cider',
    ])),
  ];
  const plans = Math.min(...contexts.map((one) => plansPerSecond(one)));
  line(
    'plan + checks of one pump, the slowest of analog, pulses, flow, pool drive, panel, circulator, booster set, tub and receiver',
    `${plans.toFixed(0)} a second`,
    '60, one a frame',
    plans >= 60,
  );

  const week = weekAgainstBareLoop(context, values.planned);
  line(
    'bench, a simulated week at 1 s',
    `${week.bench_ms.toFixed(0)} ms, ${(week.bench_ms / week.bare_ms).toFixed(2)} × a bare loop’s ${week.bare_ms.toFixed(0)} ms`,
    '4 ×',
    week.bench_ms / week.bare_ms <= 4,
  );

  const pools = (await contextsOf(['pool-therapy', 'pool-pups'])).filter((one) => isContextOf('pool', one));
  const poolWeek = poolWeekAgainstSteps(pools[1], pools[1].inForce);
  line(
    'bench, a simulated week of a panel at 1 s',
    `${poolWeek.bench_ms.toFixed(0)} ms, ${(poolWeek.bench_ms / poolWeek.steps_ms).toFixed(2)} × its steps alone, ${poolWeek.steps_ms.toFixed(0)} ms`,
    '4 ×',
    poolWeek.bench_ms / poolWeek.steps_ms <= 4,
  );

  const sets = (await contextsOf(['drive-hostel'])).filter((one) => isContextOf('drive', one));
  const driveWeek = driveWeekAgainstSteps(sets[0], sets[0].inForce);
  line(
    'bench, a simulated week of a booster set at a tenth of a second',
    `${driveWeek.bench_ms.toFixed(0)} ms, ${(driveWeek.bench_ms / driveWeek.steps_ms).toFixed(2)} × its steps alone, ${driveWeek.steps_ms.toFixed(0)} ms`,
    '4 ×',
    driveWeek.bench_ms / driveWeek.steps_ms <= 4,
  );

  for (const [name, context] of [
    ['drive', pools[0]],
    ['panel', pools[1]],
  ] as const) {
    const { answer, seconds, modes, classes } = await searchCheapest(context, CHEAPEST_TIME_s);
    const told =
      answer.kind === 'plan'
        ? `${answer.cost.toFixed(3)} a week, bound ${answer.bound.toFixed(3)}, ${answer.proven ? 'proven cheapest' : 'not proven'} within ${(answer.gap * 100).toFixed(2)} %`
        : answer.kind;
    line(
      `cheapest plan of a ${name}, 96 slots, 8 programs, ${modes} speeds, ${classes} kinds of day`,
      `${told}, in ${seconds.toFixed(1)} s`,
      `proven, or the gap said at ${CHEAPEST_TIME_s} s`,
      answer.kind === 'plan',
    );
  }

  const drag = await dragToRedraw(stage.browser, `/job/${JOB}/plan`);
  line(
    'moved point to redrawn chart, phone size',
    `median ${drag.median.toFixed(1)} ms, worst ${drag.worst.toFixed(1)} ms`,
    'median within a frame, 16.7 ms',
    drag.median <= 16.7,
  );

  const { database } = stage;
  await database.write((transaction) =>
    database.models.pumps.bulkCreate(
      Array.from({ length: 10_000 }, (_, i) => ({
        id: `many-${i}`,
        siteId: 'site-cider',
        tag: `CDR-DP-${String(i).padStart(5, '0')}`,
        name: 'Cleaning chemical',
        place: 'Cellar',
        family: 'metering',
        signalFrom: null,
        duty: null,
        reported: null,
        note: '',
        actor: 'Workshop',
      })),
      { transaction },
    ),
  );
  const app = await buildServer({ database, clock: () => '2026-11-24T10:30:00.000Z' });
  const url = '/api/v1/pumps?page=200';
  const simple = await bareRoute((await app.inject(url)).body);
  const [served, bareServed] = [await rate(app, url), await rate(simple, '/')];
  await app.close();
  await simple.close();
  line(
    'a page of 10 000 pumps',
    `${served.toFixed(0)} a second, ${(served / bareServed).toFixed(2)} × a bare route’s ${bareServed.toFixed(0)}`,
    '0.4 ×',
    served / bareServed >= 0.4,
  );
} finally {
  await stage.close();
}
