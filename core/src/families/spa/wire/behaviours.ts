import { z } from 'zod';
import { controllerMessageSchema, controllerShape } from '../../../profile';
import { afterSchema } from '../../parts/behaviours';
import { tableSchema } from './table';

/** What a pack drives. */
export const OUTPUTS = [
  'pump-1',
  'pump-2',
  'pump-3',
  'pump-4',
  'blower',
  'circulation',
  'ozone',
  'lights',
] as const;
export type Output = (typeof OUTPUTS)[number];

const range = z.tuple([z.number().min(0).max(60), z.number().min(0).max(60)], {
  error: 'A range has a least and a greatest temperature.',
});

/** What a pack with its panel does by itself: not set, but planned and proved against. */
export const spaBehavioursSchema = z
  .object({
    family: z.literal('spa'),
    ...controllerShape,
    /** its table, as it is printed in it */
    rows: tableSchema,
    /** its bank of switches: what each means, and which of them opens the set-up page */
    bank: z.array(z.object({ means: z.string().min(1).max(120), setUp: z.boolean() }).strict()).max(12),
    /** when the set-up switch is read */
    readAt: z.enum(['power-up', 'message', 'live']),
    /** a change of number puts its clock back */
    wipesClock: z.boolean(),
    /** keys of its panel as delivered, and what each drives */
    keys: z
      .array(z.object({ name: z.string().min(1).max(40), drives: z.enum(OUTPUTS).nullable() }).strict())
      .max(12),
    /** greatest current of an output; those not named are not limited by themselves */
    limits: z
      .array(z.object({ output: z.enum(OUTPUTS), most_A: z.number().positive().max(100) }).strict())
      .max(OUTPUTS.length),
    /** greatest current of the board on each phase; null where its plate does not say */
    board_A: z.number().positive().max(200).nullable(),
    messages: z.array(controllerMessageSchema).max(40),
    /** temperatures of its ranges; null where it has one range alone */
    ranges: z.object({ low: range, high: range }).strict().nullable(),
    /** what it holds while it stands low; null where it has no such mode */
    standsLow_C: z.number().min(0).max(45).nullable(),
    /** its circulation pump never stands; else it runs in cycles and while it heats */
    circulatesAlways: z.boolean(),
    /** its own frost guard and what it runs; null where it has none */
    frost: z
      .object({ below_C: z.number().min(-10).max(15), runs: z.array(z.enum(OUTPUTS)) })
      .strict()
      .nullable(),
    /** its clock through a power cut */
    clockAfterCut: z.enum(['kept', 'lost']),
    afterPowerCut: afterSchema,
  })
  .strict();
export type SpaBehaviours = z.infer<typeof spaBehavioursSchema>;
