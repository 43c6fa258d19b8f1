import type { ProductResource } from '@barythm/contract/resources';
import type { MeteringDuty } from '@barythm/core/families/metering';
import { contentHash } from '@barythm/core/profile';
import { siteDate } from '@barythm/core/time';
import type { Clock } from '../clock';
import { labelCode, type Database } from '../db';
import {
  DOSING_PUMPS,
  INSTRUMENTS,
  OTHER_PUMPS,
  PRODUCTS,
  SITES,
  ZONE,
  type DemoPump,
  type DosingPump,
} from './shipped';
import { DEMO_PROFILES, shippedProfile } from './shipped-profiles';
import { plainSeason } from './season/plain';
import { meteringSeason } from './season/metering';
import { poolSeason } from './season/pools';

const DAY_MS = 86_400_000;
const WORKSHOP = 'Workshop';

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
  const dutyOn = (pump: DosingPump, daysAgo: number) => dutyAt(pump, daysAgo, dateAgo);
  await register(database, dateAgo);
  // in one go: a season that is half played is of no use to anybody
  await database.write(async (transaction) => {
    const writing = { models: database.models, transaction };
    await meteringSeason(writing, now, dutyOn, dateAgo);
    await poolSeason(writing, dateAgo);
    await plainSeason(writing, dateAgo);
  });
}

/** The duty as it was planned some days ago: the product's strength had been measured a little before that. */
function dutyAt(pump: DosingPump, daysAgo: number, dateAgo: (days: number) => string): MeteringDuty {
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

function isDosing(pump: DemoPump | DosingPump): pump is DosingPump {
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
    for (const pump of [...DOSING_PUMPS, ...OTHER_PUMPS]) {
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
          signalFrom: isDosing(pump) ? (pump.signalFrom ?? 'flow') : null,
          code: labelCode(id),
          duty: isDosing(pump) ? dutyAt(pump, 0, dateAgo) : pump.duty,
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
          profileVersion: shippedProfile(pump.profile).version,
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
