import { z } from 'zod';
import {
  clockBodySchema,
  COMMON_RECORDS,
  dutyPartSchema,
  forOwnerSchema,
  identifyShape,
} from '../visit/wire';
import { complainOfProfile, profileObject } from '../profile';
import { FAMILIES, type AnyProfile, type Duty, type Plate, type RecordBody } from './all';

/** At least one, as unions want it. */
function some<T>(all: readonly T[]): [T, ...T[]] {
  const [first, ...rest] = all;
  return [first, ...rest];
}

const ALL = Object.values(FAMILIES);

/** The duty of a pump of any family; each says which by its `family`. */
export const dutySchema = z.discriminatedUnion(
  'family',
  some(ALL.map(({ wire }) => wire.duty as unknown as z.ZodObject)),
) as unknown as z.ZodType<Duty>;

/** The plate of a pump of any family. */
export const plateSchema: z.ZodType<Plate> = z.union(some(ALL.map(({ wire }) => wire.plate)).reverse());

/** The description of a controller of any family. */
export const profileSchema = z
  .discriminatedUnion(
    'family',
    some(
      ALL.map(({ name, wire }) =>
        profileObject<string, z.ZodType<AnyProfile['behaviours']>>(name, wire.behaviours),
      ),
    ),
  )
  .superRefine((profile, context) =>
    complainOfProfile(profile as AnyProfile, context),
  ) as unknown as z.ZodType<AnyProfile>;

const identifySchema = z.object({ ...identifyShape, plate: plateSchema }).strict();

/** Something done or seen at a pump of any family. */
export const recordBodySchema = z.discriminatedUnion('kind', [
  ...COMMON_RECORDS,
  identifySchema,
  ...ALL.flatMap(({ wire }) => wire.records),
] as unknown as [z.ZodObject]) as unknown as z.ZodType<RecordBody>;

/** What an earlier job measured or did that a later one stands on. */
export const earlierBodySchema = z.discriminatedUnion('kind', [
  clockBodySchema,
  forOwnerSchema,
  dutyPartSchema,
  ...ALL.flatMap(({ wire }) => wire.carried),
] as unknown as [z.ZodObject]) as unknown as z.ZodType<RecordBody>;
