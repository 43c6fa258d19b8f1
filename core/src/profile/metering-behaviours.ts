import { z } from 'zod';

/** What a metering pump's controller does by itself: not set, but planned and proved against. */
export const meteringBehavioursSchema = z
  .object({
    family: z.literal('metering'),
    modes: z.array(z.enum(['manual', 'analog'])).min(1),
    /** plain ranges run from 0 strokes at the low end to full rate at 20 mA; free points are set one by one */
    analog: z.discriminatedUnion('kind', [
      z
        .object({
          kind: z.literal('plain'),
          ranges: z.array(z.enum(['0-20', '4-20', '20-0', '20-4'])).min(1),
        })
        .strict(),
      z.object({ kind: z.literal('free-points') }).strict(),
    ]),
    /** what happens below the first point: fixed by the controller, or a parameter */
    below: z.enum(['hold', 'stop', 'set']),
    /** null: the controller does not watch for a broken wire at all */
    brokenWire: z
      .object({
        low_mA: z.number().nullable(),
        high_mA: z.number().nullable(),
        reaction: z.enum(['stop', 'hold', 'set']),
      })
      .strict()
      .nullable(),
    leastRate_spm: z.number().min(0),
    /** greatest rate of each gear; a pump without gears has one, named “-” */
    greatestRate_spm: z.record(z.string(), z.number().positive()),
    afterPowerCut: z.enum(['resume', 'wait', 'set', 'unknown']),
    priming: z.string().min(1),
    showsSignal: z.boolean(),
    hasClock: z.boolean(),
    /** the currents at which the maker wants it proved, when not the usual ones */
    proofPoints_mA: z.array(z.number()).min(2).optional(),
  })
  .strict();
export type MeteringBehaviours = z.infer<typeof meteringBehavioursSchema>;
