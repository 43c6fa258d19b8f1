import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { JobResource, PumpResource } from '@barythm/contract/resources';
import { familyOf, isContextOf, type FamilyContext, isViewOf } from '@barythm/core/families';
import { bareContext, viewJob } from '@barythm/core/job';
import { buildServer } from '@barythm/server/app';
import { openStage } from '@barythm/e2e/stage';
import fastifyStatic from '@fastify/static';
import Fastify from 'fastify';
import { searchCheapest } from './cheapest';
import { digitToConsequence, dragToRedraw, slowed, type Spread } from './drag';
import { weekAgainstSteps } from './family-week';
import { gzipOf } from './first-screen';
import { bareRoute, rate } from './list';
import { plansPerSecond } from './planning';
import { tapWithUnsent } from './unsent';
import { weekAgainstBareLoop } from './week';

const BUILD = fileURLToPath(new URL('../../.build', import.meta.url));
/** As long as the app lets the search go on. */
const CHEAPEST_TIME_s = 25;
const JOB = 'job-pump-pup-pool-2026-11-24';

const FRAME_ms = 16.7;
/** What is typed in a plan, and what in turn: both are taken, and lead to other targets. */
const TYPED = [
  ['a duty', 'duty-dose.wanted_mgl', ['1.2', '1.3']],
  ['a target', 'point-rateB', ['110', '11']],
] as const;
/** Pumps of the demo data, one of each family. */
const ONE_OF_EACH = [
  'pump-nutrient',
  'pool-pups',
  'circulator-clinic',
  'drive-hostel',
  'spa-hostel',
  'transfer-cider',
];

const said = ({ median, p95, worst }: Spread) =>
  `median ${median.toFixed(1)} ms, p95 ${p95.toFixed(1)} ms, worst ${worst.toFixed(1)} ms`;

/** A figure with its bar, or one that is only told. */
function told(what: string, figure: string, bar: string | null, holds: boolean): void {
  if (bar === null) console.log(`told   ${what}: ${figure}`);
  else line(what, figure, bar, holds);
}

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
    '1.3 ×',
    ratio <= 1.3,
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
    '2 ×',
    week.bench_ms / week.bare_ms <= 2,
  );

  for (const one of await contextsOf(ONE_OF_EACH)) {
    const { bench_ms, steps_ms } = weekAgainstSteps(one);
    line(
      `bench, a simulated week of ${familyOf(one.profile.family).words}, against its steps alone`,
      `${bench_ms.toFixed(0)} ms, ${(bench_ms / steps_ms).toFixed(2)} × ${steps_ms.toFixed(0)} ms`,
      '2 ×',
      bench_ms / steps_ms <= 2,
    );
  }

  const tap = tapWithUnsent(resource.document, resource.today);
  line(
    'a tap with 200 unsent writes',
    `${tap.many_ms.toFixed(2)} ms, ${(tap.many_ms / tap.none_ms).toFixed(2)} × one with none, ${tap.none_ms.toFixed(2)} ms`,
    '1.5 ×',
    tap.many_ms / tap.none_ms <= 1.5,
  );

  const pools = (await contextsOf(['pool-therapy', 'pool-pups'])).filter((one) => isContextOf('pool', one));
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

  const { browser } = stage;
  await browser.goTo(`/job/${JOB}/plan`);
  await browser.find('grip-2');
  for (const times of [1, 2, 4]) {
    const drag = await slowed(browser, times, () => dragToRedraw(browser));
    const bar = times === 2 ? 'p95 within a frame, 16.7 ms' : null;
    told(
      `moved point to redrawn chart, phone size, processor slowed ${times} ×`,
      said(drag),
      bar,
      drag.p95 <= FRAME_ms,
    );
  }
  await browser.tap('duty-open-dose');
  await browser.find(`duty-dose.wanted_mgl`);
  for (const [what, field, texts] of TYPED) {
    const digit = await slowed(browser, 4, () => digitToConsequence(browser, field, texts, 'targets'));
    line(
      `a digit typed in ${what} to the frame that shows it, processor slowed 4 ×`,
      said(digit.shown),
      'median within two frames, 33.4 ms',
      digit.shown.median <= 2 * FRAME_ms,
    );
    line(
      'the same to what follows from it',
      said(digit.follows),
      'p95 within 150 ms',
      digit.follows.p95 <= 150,
    );
  }

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
    '0.5 ×',
    served / bareServed >= 0.5,
  );
} finally {
  await stage.close();
}
