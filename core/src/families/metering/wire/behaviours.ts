import { z } from 'zod';
import { controllerShape } from '../../../profile';

/** What a controller does by itself with the pulses of a meter. */
const pulseBehavioursSchema = z
  .object({
    /** greatest factor of strokes a pulse, 1 when it cannot multiply */
    multiplyMost: z.int().min(1).max(9999),
    /** greatest factor of pulses a stroke, 1 when it cannot divide */
    divideMost: z.int().min(1).max(9999),
    /** what becomes of strokes it cannot make in time */
    memory: z.enum(['lost', 'kept', 'set']),
    /** most strokes it stores */
    memoryMost: z.int().min(1).max(65_535).nullable(),
    /** what becomes of pulses that come while it is stopped */
    whileStopped: z.enum(['lost', 'stored']),
    /** how long a contact must stay closed to count, ms; the values to choose from */
    recognition_ms: z.array(z.number().positive()).min(1),
  })
  .strict();

/** What a metering pump's controller does by itself: not set, but planned and proved against. */
export const meteringBehavioursSchema = z
  .object({
    family: z.literal('metering'),
    ...controllerShape,
    modes: z.array(z.enum(['manual', 'analog', 'multiply', 'divide', 'contact', 'batch', 'timer'])).min(1),
    /** plain ranges run from 0 strokes at the low end to full rate at 20 mA; free points are set one by one */
    analog: z.discriminatedUnion('kind', [
      z
        .object({
          kind: z.literal('plain'),
          ranges: z.array(z.enum(['0-20', '4-20', '20-0', '20-4'])).min(1),
        })
        .strict(),
      z.object({ kind: z.literal('free-points') }).strict(),
      /** it has no current input at all */
      z.object({ kind: z.literal('none') }).strict(),
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
    /** the currents at which the maker wants it proved, when not the usual ones */
    proofPoints_mA: z.array(z.number()).min(2).optional(),

    /** a smooth drive is set directly in flow: the volume it takes a turn (or stroke) for, mL */
    smooth: z.object({ nominal_mL: z.number().positive() }).strict().optional(),
    pulses: pulseBehavioursSchema.optional(),
    /** batches that are triggered while one runs */
    batch: z
      .object({ whileRunning: z.enum(['queued', 'lost']) })
      .strict()
      .optional(),
    /** the input that stops it: by a closed contact, or unless a contact is closed */
    stopInput: z.enum(['stops', 'permits', 'set']).optional(),
    /** what it does when it runs without liquid */
    dry: z.enum(['none', 'stop', 'warn', 'set']).optional(),
    /** what it does when a fault has gone: carry on by itself, or wait */
    afterFault: z.enum(['resume', 'wait', 'set', 'unknown']).optional(),
    /** shares of its capacity that each step of slow suction leaves, 1 for the fastest */
    slowSuction: z.array(z.number().positive().max(1)).min(1).optional(),
    deaerates: z.boolean().optional(),
    compensates: z.boolean().optional(),
    /** access can be locked by a code or key */
    locks: z.boolean().optional(),
  })
  .strict();
export type MeteringBehaviours = z.infer<typeof meteringBehavioursSchema>;
