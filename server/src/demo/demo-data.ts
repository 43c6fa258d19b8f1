import type { ProductResource } from '@barythm/contract/resources';
import type { MeteringDuty } from '@barythm/core/families/metering';
import { contentHash, profileSchema, type Profile } from '@barythm/core/profile';
import { siteDate } from '@barythm/core/time';
import type { Clock } from '../clock';
import { labelCode, type Database } from '../db';
import { DemoJob } from './demo-job';
import motor from '../../../profiles/motor-three-gears.json' with { type: 'json' };
import numbered from '../../../profiles/numbered-timer.json' with { type: 'json' };
import pulseWheel from '../../../profiles/pulse-wheel.json' with { type: 'json' };
import stepper from '../../../profiles/stepper-flow.json' with { type: 'json' };
import threeKey from '../../../profiles/three-key-contact.json' with { type: 'json' };
import twoPoint from '../../../profiles/two-point-soft-keys.json' with { type: 'json' };
import { INSTRUMENTS, PRODUCTS, PUMPS, SITES, ZONE } from './skerrow';

const DAY_MS = 86_400_000;
const WORKSHOP = 'Workshop';

export const DEMO_PROFILES: readonly Profile[] = [
  motor,
  twoPoint,
  pulseWheel,
  stepper,
  numbered,
  threeKey,
].map((profile) => profileSchema.parse(profile));

/** True when nobody has written anything yet: demo data never goes over real data. */
export async function isEmpty({ models }: Database): Promise<boolean> {
  const counts = await Promise.all(
    [models.sites, models.profiles, models.commands].map((table) => table.count()),
  );
  return counts.every((count) => count === 0);
}

/** Fills an empty database with Skerrow and a season's work, relative to now. */
export async function makeDemoData(database: Database, clock: Clock): Promise<void> {
  if (!(await isEmpty(database)))
    throw new Error('The database is not empty; demo data goes into an empty one only.');
  const now = clock();
  const dateAgo = (days: number) => siteDate(new Date(Date.parse(now) - days * DAY_MS).toISOString(), ZONE);
  const dutyOn = (pump: (typeof PUMPS)[number], daysAgo: number) => dutyAt(pump, daysAgo, dateAgo);
  await register(database, dateAgo);
  await season(database, now, dutyOn, dateAgo);
}

/** The duty as it was planned some days ago: the product's strength had been measured a little before that. */
function dutyAt(
  pump: (typeof PUMPS)[number],
  daysAgo: number,
  dateAgo: (days: number) => string,
): MeteringDuty {
  const { product: id, ...duty } = pump.duty;
  const product = PRODUCTS.find((candidate) => candidate.id === id);
  if (!product) throw new Error(`There is no demo product “${id}”.`);
  const { name, strength, halfLife_days, density_kgl, gassing } = product;
  const measured = Math.max(product.measuredDaysAgo ?? 0, daysAgo + 2);
  return {
    ...duty,
    product: {
      productId: id,
      name,
      strength,
      measuredOn: product.measuredDaysAgo === null ? null : dateAgo(measured),
      halfLife_days,
      density_kgl,
      gassing,
    },
  };
}

async function register(database: Database, dateAgo: (days: number) => string): Promise<void> {
  const { models } = database;
  await database.write(async (transaction) => {
    const options = { transaction };
    await models.sites.bulkCreate(
      SITES.map((site) => ({ ...site, zone: ZONE, actor: WORKSHOP })),
      options,
    );
    await models.instruments.bulkCreate(
      INSTRUMENTS.map(({ daysAgo, ...instrument }) => ({
        ...instrument,
        calibratedOn: dateAgo(daysAgo),
        actor: WORKSHOP,
      })),
      options,
    );
    await models.profiles.bulkCreate(
      DEMO_PROFILES.map((profile) => ({
        id: profile.id,
        version: profile.version,
        name: profile.name,
        hash: contentHash(profile),
        body: profile,
        actor: WORKSHOP,
      })),
      options,
    );
    await models.products.bulkCreate(
      PRODUCTS.map(({ measuredDaysAgo, ...product }) => {
        const body: ProductResource = {
          ...product,
          measuredOn: measuredDaysAgo === null ? null : dateAgo(measuredDaysAgo),
        };
        return { id: product.id, name: product.name, body, actor: WORKSHOP };
      }),
      options,
    );
    for (const pump of PUMPS) {
      const { id, siteId, tag, name, place, note } = pump;
      await models.pumps.create(
        {
          id,
          siteId,
          tag,
          name,
          place,
          note,
          family: 'metering',
          signalFrom: pump.signalFrom ?? 'flow',
          code: labelCode(id),
          duty: dutyAt(pump, 0, dateAgo),
          reported: pump.reported && { date: dateAgo(pump.reported.daysAgo), values: pump.reported.values },
          actor: WORKSHOP,
        },
        options,
      );
      await models.units.create(
        {
          id: `unit-${id}`,
          pumpId: id,
          profileId: pump.profile,
          profileVersion: 1,
          model: pump.model,
          serial: pump.serial,
          plate: pump.plate,
          fromDate: dateAgo(400),
          toDate: null,
          actor: WORKSHOP,
        },
        options,
      );
    }
  });
}

type DutyOn = (pump: (typeof PUMPS)[number], daysAgo: number) => MeteringDuty;

/** The season's work, each job at its own instant and under the product's own rules. */
async function season(
  database: Database,
  now: string,
  dutyOn: DutyOn,
  dateAgo: (days: number) => string,
): Promise<void> {
  const at = (daysAgo: number, hour: number) =>
    new Date(Date.parse(`${dateAgo(daysAgo)}T00:00:00Z`) + hour * 3_600_000).toISOString();
  const pump = (id: string) => PUMPS.find((candidate) => candidate.id === id) ?? PUMPS[0];

  const acid = await DemoJob.start(database, 'pump-acid', at(44, 9));
  await acid.arrive({ current_mA: 11.6, display_m3h: 11.9, rate_spm: 61, residual_mgl: null });
  await acid.found({ gear: 'C', length: 70, mode: 'ext', rate: 0, range: '0-20' });
  await acid.plan(dutyOn(pump('pump-acid'), 44));
  await acid.set();
  await acid.prove([0, 0, 1, 0, -1], 0.98);
  await acid.handOver(dateAgo(-138));

  const scale = await DemoJob.start(database, 'pump-scale', at(58, 13));
  await scale.arrive({ current_mA: 12.1, display_m3h: 3, rate_spm: 29, residual_mgl: null });
  await scale.found(twoPointValues({ length: 80, rateB: 64, below: 'hold', wire: 'off', power: 'go' }));
  await scale.plan(dutyOn(pump('pump-scale'), 58));
  await scale.set();
  await scale.prove([0, 0, 0, 1, 0], 1.02);
  await scale.handOver(dateAgo(-124));

  const spring = await DemoJob.start(database, 'pump-therapy', at(190, 10));
  await spring.arrive({ current_mA: 12.4, display_m3h: 31.5, rate_spm: 44, residual_mgl: 0.7 });
  await spring.found(
    twoPointValues({ operation: 'manual', manualRate: 44, rateB: 180, below: 'hold', wire: 'off' }),
  );
  await spring.plan(dutyOn(pump('pump-therapy'), 190));
  await spring.set();
  await spring.prove([0, 0, -1, 0, 0], 0.97);
  await spring.handOver(dateAgo(8));

  const therapy = await DemoJob.start(database, 'pump-therapy', at(27, 9));
  await therapy.arrive({ current_mA: 12.5, display_m3h: 32, rate_spm: 80, residual_mgl: 1.1 });
  const left = (await therapy.document()).lastLeft?.values ?? {};
  await therapy.found({ ...left, rateB: 120 });
  await therapy.plan(dutyOn(pump('pump-therapy'), 27));
  await therapy.set();
  await therapy.prove([0, 0, 1, 0, 0], 1.01);
  await therapy.handOver(dateAgo(-155));

  const well = await DemoJob.start(database, 'pump-well', at(23, 10));
  await well.arrive({ current_mA: null, display_m3h: 1.6, rate_spm: 3, residual_mgl: 0.6 });
  await well.found({ stroke: 50, drive: 'ext', rate: 60, divide: 2 });
  await well.plan(dutyOn(pump('pump-well'), 23));
  await well.set();
  await well.check('pulses', null, { pulses: 40, strokes: 20, seconds: 120 });
  await well.check('prime', 'returns');
  await well.drawDown({ volumes_mL: [73.4, 73.0, 73.2], strokes: 730 });
  await well.automatic();
  await well.handOver(dateAgo(-159));

  // three drawdowns in a season: the volume falls, slowly, as valves wear
  const tub = {
    factor: 100,
    run: 'input',
    flow: 1,
    inA: 4,
    outA: 0,
    inB: 20,
    outB: 0.25,
    lost: 'off',
    suction: '100',
    gas: 'off',
    comp: 'off',
    contact: 'no',
    level: 'warn',
    power: 'run',
    fault: 'run',
    code: 'open',
  };
  for (const [daysAgo, volumes_mL] of [
    [214, [82.2, 82.0, 82.4]],
    [118, [82.4, 82.6, 82.2]],
    [20, [82.0, 81.6, 81.8]],
  ] as const) {
    const visit = await DemoJob.start(database, 'pump-tub', at(daysAgo, 14));
    await visit.arrive({
      current_mA: 12,
      display_m3h: 6,
      rate_spm: 8,
      residual_mgl: 1.4,
      counter: 4_000_000 - daysAgo * 8000,
    });
    const before = daysAgo === 214 ? tub : ((await visit.document()).lastLeft?.values ?? {});
    await visit.found({ ...before });
    await visit.drawDown({ volumes_mL: [...volumes_mL], seconds: 600, shown_lph: 0.5 });
    await visit.plan(dutyOn(pump('pump-tub'), daysAgo));
    await visit.set();
    await visit.prove([], 1);
    for (const [check, seen] of [
      ['stop-closed', 'runs'],
      ['stop-open', 'stands'],
      ['stop-wire', 'stands'],
      ['prime', 'returns'],
      ['holds', 'stays'],
    ] as const) {
      await visit.check(check, seen);
    }
    await visit.automatic();
    await visit.handOver(dateAgo(daysAgo - 98));
  }

  // today, two hours ago: recorded, planned, and half entered
  const pups = await DemoJob.start(
    database,
    'pump-pup-pool',
    new Date(Date.parse(now) - 7_200_000).toISOString(),
  );
  await pups.arrive({ current_mA: 11.4, display_m3h: 13.8, rate_spm: 66, residual_mgl: 1.9 });
  await pups.found(
    twoPointValues({ length: 70, currentA: 5, rateA: 12, rateB: 130, below: 'hold', wire: 'off' }),
  );
  await pups.plan(dutyOn(pump('pump-pup-pool'), 0));
  await pups.set(3);
}

function twoPointValues(changed: Record<string, string | number>): Record<string, string | number> {
  return {
    length: 100,
    operation: 'current',
    manualRate: 60,
    currentA: 4,
    rateA: 0,
    currentB: 20,
    rateB: 180,
    below: 'stop',
    wire: 'stop',
    limit: 180,
    power: 'go',
    ...changed,
  };
}
