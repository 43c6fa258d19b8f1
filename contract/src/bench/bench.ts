import { z } from 'zod';
import { dateSchema, dutySchema, plateSchema, settingValueSchema } from '../job';
import { familyOf, profileSchema, scenarioSchema } from '@barythm/core/families';

/** One or two sheets of settings over one scenario: everything that the run stands on, so that it can be repeated. */
export const benchRequestSchema = z
  .object({
    duty: dutySchema,
    profile: profileSchema,
    plate: plateSchema,
    today: dateSchema,
    /** the site's time zone */
    zone: z.string().default('UTC'),
    sheets: z
      .array(
        z.object({ name: z.string().max(80), values: z.record(z.string(), settingValueSchema) }).strict(),
      )
      .min(1, 'Send at least one sheet.')
      .max(2, 'Send at most two sheets.'),
    scenario: scenarioSchema,
  })
  .strict()
  .superRefine(({ profile, scenario }, context) => {
    const { words } = familyOf(profile.family).bench;
    scenario.events.forEach(({ kind }, i) => {
      if (kind in words) return;
      const path = ['scenario', 'events', i, 'kind'];
      context.addIssue({ code: 'custom', path, message: 'This cannot happen to such a pump.' });
    });
  });
export type BenchRequest = z.infer<typeof benchRequestSchema>;

/** What a run comes to, without the snapshots it could be taken up from. */
export const benchAnswerSchema = z.object({
  runs: z.array(
    z.object({
      name: z.string(),
      seconds: z.int(),
      bucket_s: z.int(),
      seed: z.int(),
      traces: z.array(
        z.object({
          key: z.string(),
          label: z.string(),
          unit: z.string(),
          min: z.array(z.number()),
          max: z.array(z.number()),
          mean: z.array(z.number()),
        }),
      ),
      happenings: z.array(z.object({ at_s: z.number(), words: z.string() })),
      sums: z.record(z.string(), z.number()),
      /** what was taken for not there, since nobody read it */
      unknown: z.array(z.string()).optional(),
    }),
  ),
});
export type BenchAnswer = z.infer<typeof benchAnswerSchema>;
