import { JOB_FORMAT_VERSION } from '@barythm/core/visit';
import { z } from 'zod';
import { filedJobSchema } from '../job';

/** A job as a file: everything written about it, with the profile it used, so that it can be read anywhere. */
export const jobFileSchema = z
  .object({
    format: z.literal('barythm-job'),
    formatVersion: z.literal(JOB_FORMAT_VERSION),
    document: filedJobSchema,
  })
  .strict();
export type JobFile = z.infer<typeof jobFileSchema>;
