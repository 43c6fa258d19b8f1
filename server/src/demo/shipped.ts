import { dutySchema, plateSchema } from '@barythm/core/families';
import { strengthSchema, type MeteringDuty } from '@barythm/core/families/metering';
import { z } from 'zod';
import instruments from '../../../demo/instruments.json' with { type: 'json' };
import products from '../../../demo/products.json' with { type: 'json' };
import circulator from '../../../demo/pumps/circulator.json' with { type: 'json' };
import drive from '../../../demo/pumps/drive.json' with { type: 'json' };
import metering from '../../../demo/pumps/metering.json' with { type: 'json' };
import pool from '../../../demo/pumps/pool.json' with { type: 'json' };
import spa from '../../../demo/pumps/spa.json' with { type: 'json' };
import transfer from '../../../demo/pumps/transfer.json' with { type: 'json' };
import sites from '../../../demo/sites.json' with { type: 'json' };

/** What ships as data: Skerrow with its sites, its pumps and what is dosed there. Checked as anything that comes in. */

const name = z.string().min(1);
const productSchema = z
  .object({
    id: name,
    name,
    strength: strengthSchema,
    /** days since it was measured; null: label only */
    measuredDaysAgo: z.int().nullable(),
    halfLife_days: z.number().nullable(),
    density_kgl: z.number(),
    gassing: z.boolean(),
    note: z.string(),
  })
  .strict();
export type DemoProduct = z.infer<typeof productSchema>;

const pump = {
  id: name,
  siteId: name,
  tag: name,
  name,
  place: name,
  profile: name,
  model: name,
  serial: name,
  plate: plateSchema,
  note: z.string(),
  reported: z
    .object({ daysAgo: z.int(), values: z.record(z.string(), z.union([z.number(), z.string()])) })
    .strict()
    .optional(),
};
const plainPumpSchema = z.object({ ...pump, duty: dutySchema }).strict();
/** A pump of Skerrow as it stands in the register. */
export type DemoPump = z.infer<typeof plainPumpSchema>;

const dosingPumpSchema = z
  .object({
    ...pump,
    /** what its cable comes from; a flow transmitter unless said */
    signalFrom: z.enum(['flow', 'meter']).optional(),
    // whole once its product is put in its place
    duty: z.custom<Omit<MeteringDuty, 'product'> & { readonly product: string }>(
      (duty) => typeof duty === 'object' && duty !== null && 'product' in duty,
    ),
  })
  .strict();
/** The same of one that doses a product of Skerrow. */
export type DosingPump = z.infer<typeof dosingPumpSchema>;

export const PRODUCTS = z.array(productSchema).parse(products);
export const DOSING_PUMPS = z.array(dosingPumpSchema).parse(metering);
export const OTHER_PUMPS = z
  .array(plainPumpSchema)
  .parse([...pool, ...circulator, ...drive, ...spa, ...transfer]);

/** A demo pump by its id, of those whose duty is whole. */
export function otherPump(id: string): DemoPump {
  const found = OTHER_PUMPS.find((candidate) => candidate.id === id);
  if (!found) throw new Error(`There is no demo pump “${id}”.`);
  return found;
}

export const SITES = z.array(z.object({ id: name, name, place: name }).strict()).parse(sites);
export const INSTRUMENTS = z
  .array(z.object({ id: name, name, serial: name, daysAgo: z.int(), measures: name }).strict())
  .parse(instruments);

/** A real zone with daylight saving; the island itself does not exist. */
export const ZONE = 'Atlantic/Faroe';
