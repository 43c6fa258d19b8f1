import { z } from 'zod';
import { afterSchema, protocolsSchema } from '../../parts/behaviours';
import { controllerShape } from '../../../profile';

export const MODES = ['fixed', 'constant', 'proportional', 'self', 'clock', 'temperature'] as const;
export type Mode = (typeof MODES)[number];

/** What a circulator's controller does by itself: not set, but planned and proved against. */
export const circulatorBehavioursSchema = z
  .object({
    family: z.literal('circulator'),
    ...controllerShape,
    modes: z.array(z.enum(MODES)).min(1, 'It has one mode at least.'),
    /** of proportional head: what is left at no flow, and the flow that the set head refers to */
    proportional: z
      .object({
        zeroShare: z.number().min(0).max(1, 'A share lies between 0 and 1.'),
        /** its own greatest flow; null where it is the flow of the duty */
        refersTo_m3h: z.number().positive().nullable(),
      })
      .strict()
      .nullable(),
    /** the lowest and the highest constant head that self-adjusting moves between */
    self: z.object({ lowest_m: z.number().positive(), highest_m: z.number().positive() }).strict().nullable(),
    /** start contact: not there, wired when it is wanted, or delivered with a link that must stay in */
    contact: z.enum(['none', 'optional', 'link']),
    /** a wired signal or sensor changes the mode by itself */
    wiringChangesMode: z.boolean(),
    /** addresses that its links take; none where it has no link */
    protocols: protocolsSchema,
    /** greatest current and voltage of its fault contact; null where it has none */
    faultContact: z
      .object({ most_V: z.number().positive(), most_A: z.number().positive() })
      .strict()
      .nullable(),
    afterPowerCut: afterSchema,
  })
  .strict();
export type CirculatorBehaviours = z.infer<typeof circulatorBehavioursSchema>;
