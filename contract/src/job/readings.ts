import { z } from 'zod';
import { figureOrNull } from './basics';

export const signalReadingSchema = z
  .object({
    injected_mA: z
      .number()
      .min(0, 'A current cannot be negative.')
      .max(30, 'No loop carries more than 30 mA.'),
    shown_mA: figureOrNull,
    strokes: z.int('Strokes are whole.').min(0, 'Strokes cannot be negative.').nullable(),
    seconds: z.number().positive('The time must be more than 0.').nullable(),
    flow_lph: z.number().min(0, 'A flow cannot be negative.').nullable(),
  })
  .strict()
  .refine((reading) => reading.flow_lph !== null || (reading.strokes !== null && reading.seconds !== null), {
    path: ['strokes'],
    message: 'Enter strokes and the time they took, or a flow.',
  });
