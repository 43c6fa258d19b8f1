import type { ProductResource } from '@barythm/contract/resources';
import type { MeteringDuty } from '@barythm/core/families/metering';
import { contentHash } from '@barythm/core/profile';
import type { AnyProfile } from '@barythm/core/families';
import { siteDate } from '@barythm/core/time';
import type { Clock } from '../clock';
import { labelCode, type Database } from '../db';
import motor from '../../../profiles/motor-three-gears.json' with { type: 'json' };
import numbered from '../../../profiles/numbered-timer.json' with { type: 'json' };
import pulseWheel from '../../../profiles/pulse-wheel.json' with { type: 'json' };
import stepper from '../../../profiles/stepper-flow.json' with { type: 'json' };
import threeKey from '../../../profiles/three-key-contact.json' with { type: 'json' };
import twoPoint from '../../../profiles/two-point-soft-keys.json' with { type: 'json' };
import { DEMO_POOL_PROFILES } from './pumps/pool-values';
import { INSTRUMENTS, SITES, ZONE } from './places';
import { POOL_PUMPS, type DemoPoolPump } from './pumps/pools';
import type { DemoPump } from './pumps/dosing-pump';
import { PRODUCTS, PUMPS } from './pumps/metering';
import { CIRCULATORS, DEMO_CIRCULATOR_PROFILES, type DemoCirculator } from './pumps/circulators';
import { DEMO_DRIVE_PROFILES, DRIVES, type DemoDrive } from './pumps/drives';
import { DEMO_SPA_PROFILES, SPAS, type DemoSpa } from './pumps/spas';
import { DEMO_TRANSFER_PROFILES, TRANSFERS, type DemoTransfer } from './pumps/transfers';
import { plainSeason } from './season/plain';
import { meteringSeason } from './season/metering';
import { poolSeason } from './season/pools';
import { profileSchema } from '@barythm/core/families';

const DAY_MS = 86_400_000;
const WORKSHOP = 'Workshop';

const METERING_PROFILES: readonly AnyProfile[] = [
  motor,
  twoPoint,
  pulseWheel,
  stepper,
  numbered,
  threeKey,
].map((profile) => profileSchema.parse(profile));

/** The shipped profiles, of every family. */
export const DEMO_PROFILES: readonly AnyProfile[] = [
  ...METERING_PROFILES,
  ...Object.values(DEMO_POOL_PROFILES),
  ...Object.values(DEMO_CIRCULATOR_PROFILES),
  ...Object.values(DEMO_DRIVE_PROFILES),
  ...Object.values(DEMO_SPA_PROFILES),
  ...Object.values(DEMO_TRANSFER_PROFILES),
];

function versionOf(id: string): number {
  const shipped = DEMO_PROFILES.find((profile) => profile.id === id);
  if (!shipped) throw new Error(`No profile “${id}” ships with the demo data.`);
  return shipped.version;
}

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
  await meteringSeason(database, now, dutyOn, dateAgo);
  await poolSeason(database, dateAgo);
  await plainSeason(database, dateAgo);
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

function isMetering(
  pump: DemoPump | DemoPoolPump | DemoCirculator | DemoDrive | DemoSpa | DemoTransfer,
): pump is DemoPump {
  return pump.duty.family === 'metering';
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
    for (const pump of [...PUMPS, ...POOL_PUMPS, ...CIRCULATORS, ...DRIVES, ...SPAS, ...TRANSFERS]) {
      const { id, siteId, tag, name, place, note } = pump;
      await models.pumps.create(
        {
          id,
          siteId,
          tag,
          name,
          place,
          note,
          family: pump.duty.family,
          signalFrom: isMetering(pump) ? (pump.signalFrom ?? 'flow') : null,
          code: labelCode(id),
          duty: isMetering(pump) ? dutyAt(pump, 0, dateAgo) : pump.duty,
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
          profileVersion: versionOf(pump.profile),
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
