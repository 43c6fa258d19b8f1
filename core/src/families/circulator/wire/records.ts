import { z } from 'zod';
import { figureOrNull, noteSchema, ticksSchema, type Frozen } from '../../../visit/wire';

/** What is seen before water and power go on, each thing by itself. */
export const SEEN_FIRST = [
  ['flushed', 'Flushed, and the strainer clean'],
  ['valves', 'Valves open, flow in the direction of the arrow on the body'],
  ['filled', 'Filled and vented; the expansion vessel’s pre-charge is right'],
  ['shaft', 'Shaft level, head turned only drained'],
  ['volts', 'Plate and supply agree; the motor is protected as the plate asks'],
  ['water-first', 'Water stood in it before the power went on'],
] as const;
export type SeenFirst = (typeof SEEN_FIRST)[number][0];

/** What is written down of a circulator alone. */
export const CIRCULATOR_RECORDS = [
  z
    .object({
      kind: z.literal('circulator-now'),
      head_m: figureOrNull,
      flow_m3h: figureOrNull,
      power_W: figureOrNull,
      inlet_bar: figureOrNull,
      flow_C: figureOrNull,
      return_C: figureOrNull,
      state: z.enum(['runs', 'stands', 'waits', 'fault']),
      unreadable: z.record(z.string(), noteSchema),
    })
    .strict(),
  z
    .object({
      kind: z.literal('seen-first'),
      seen: z.array(z.enum(SEEN_FIRST.map(([key]) => key) as [SeenFirst, ...SeenFirst[]])),
      /** of what was not seen: a word why */
      why: noteSchema,
      changed: ticksSchema.optional(),
    })
    .strict(),
  z
    .object({
      kind: z.literal('purged'),
      /** loop by loop, as the site calls them */
      loops: z.array(z.string().min(1, 'Name the loop.').max(80)).min(1, 'Name one loop at least.').max(100),
      /** how long each of them was purged, s, in their order; left out where nobody timed it */
      seconds: z.array(z.number().min(0).max(86_400)).max(100).optional(),
      /** nothing heard or seen in any of them at the end */
      clear: z.boolean(),
    })
    .strict(),
] as const;

export type CirculatorRecord = Frozen<z.infer<(typeof CIRCULATOR_RECORDS)[number]>>;

/** Those of them whose work may leave the pump stopped, in hand or in test: it is seen in automatic after them. */
export const TOUCHES = ['purged'] as const satisfies readonly CirculatorRecord['kind'][];
