import { z } from 'zod';
import type { EventBook } from './event-words';

export const SECONDS_PER_DAY = 86_400;
/** A week at one second. */
const MOST_SAMPLES = 7 * SECONDS_PER_DAY;

/** More than this is a slip of the pen, whatever it is counted in. */
const MOST_AMOUNT = 100_000;

/** The schema of events out of a book. */
function eventSchema(book: EventBook) {
  return z
    .object({
      kind: z.enum(Object.keys(book) as [string, ...string[]], { error: 'Choose one of the events.' }),
      at_s: z.int('A time is in whole seconds.').min(0, 'An event cannot come before the start.'),
      until_s: z.int('A time is in whole seconds.').min(0).nullable(),
      amount: z
        .number({ error: 'The amount must be a number.' })
        .min(0, 'The amount cannot be negative.')
        .nullable(),
    })
    .strict()
    .superRefine(({ kind, amount }, context) => {
      const { name, amount: unit, most = MOST_AMOUNT } = book[kind];
      if (unit !== null && amount !== null && amount > most)
        context.addIssue({ code: 'custom', path: ['amount'], message: `${name}: up to ${most} ${unit}.` });
      if (unit === null || amount !== null) return;
      context.addIssue({ code: 'custom', path: ['amount'], message: `${name}: say how much, in ${unit}.` });
    })
    .refine((event) => event.until_s === null || event.until_s > event.at_s, {
      path: ['until_s'],
      message: 'An event must end after it begins.',
    });
}

/** The schema of a day or a week of water, and what happens in it, with events out of a book. */
export const scenarioSchemaOf = (book: EventBook) =>
  z
    .object({
      days: z.union([z.literal(1), z.literal(7)], { error: 'Choose a day or a week.' }),
      /** so many seconds alone: a start or a stop, of which a day says nothing */
      short_s: z
        .int('A short run lasts whole seconds.')
        .min(1, 'A short run lasts a second at least.')
        .max(600, 'A short run lasts ten minutes at most.')
        .optional(),
      water: z
        .object({
          /** seconds that each flow lasts; the list begins again when it ends */
          every_s: z.int().min(1, 'A flow must last a second at least.'),
          flows_m3h: z
            .array(z.number({ error: 'A flow must be a number.' }).min(0, 'A flow cannot be negative.'))
            .min(1, 'Enter at least one flow.')
            .max(MOST_SAMPLES, 'More flows than a week has seconds.'),
        })
        .strict(),
      /** hour by hour, the list begins again when it ends; none where no weather matters */
      weather: z
        .object({
          air_C: z
            .array(z.number({ error: 'A temperature must be a number.' }).min(-60).max(60))
            .min(1)
            .max(168),
          /** share of full sun */
          sun: z.array(z.number().min(0, 'Sun cannot be negative.').max(1, 'Full sun is 1.')).min(1).max(168),
        })
        .strict()
        .optional(),
      /** day of the week it begins on, 1 for Monday */
      startDay: z.int().min(1).max(7).optional(),
      /** how much the flow wanders from minute to minute, as a share */
      wobble: z.number().min(0, 'The wobble cannot be negative.').max(0.5, 'At most half of the flow.'),
      /** where the wobble begins: the same seed gives the same day */
      seed: z.int().min(0).max(2_147_483_647),
      events: z.array(eventSchema(book)).max(100, 'At most 100 events.'),
    })
    .strict();
export type Scenario = z.infer<ReturnType<typeof scenarioSchemaOf>>;

export function secondsOf(scenario: Scenario): number {
  return scenario.short_s ?? scenario.days * SECONDS_PER_DAY;
}
