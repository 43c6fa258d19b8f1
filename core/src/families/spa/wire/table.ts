import { z } from 'zod';
import { HEATER_RULES } from '../../../electric';
import type { Frozen } from '../../../visit/wire';

/** Places for jet pumps that a pack has at most. */
export const MOST_PUMPS = 4;

/** What else a row needs beside its number. */
const needSchema = z
  .object({
    part: z.enum(['switch', 'link']),
    at: z.int('Which one: a whole number.').min(1, 'They are counted from 1.').max(12, 'Twelve at most.'),
    on: z.boolean(),
  })
  .strict();
export type Need = Frozen<z.infer<typeof needSchema>>;

/** One row of the table that is printed in a pack: which outputs there are under a number. */
export const tableRowSchema = z
  .object({
    number: z
      .int('A number is a whole number.')
      .min(0, 'Numbers begin at 0.')
      .max(999, 'Numbers end at 999.'),
    /** speeds of each pump output; 0 where there is none at its place */
    pumps: z.array(z.int().min(0).max(2, 'A pump has one speed or two.')).max(MOST_PUMPS),
    blower: z.boolean(),
    /** speeds of its output for a blower, where the table says them */
    blowerSpeeds: z.int().min(2).max(3, 'A blower has up to three speeds.').optional(),
    circulation: z.boolean(),
    ozone: z.boolean(),
    heater: z.enum(HEATER_RULES),
    /** the table does not say when the heater may run: it is judged as if it ran beside everything */
    ruleUnsaid: z.literal(true).optional(),
    needs: z.array(needSchema).max(12),
  })
  .strict()
  .superRefine(({ blower, blowerSpeeds, heater, ruleUnsaid }, context) => {
    const complain = (field: string, message: string) =>
      context.addIssue({ code: 'custom', path: [field], message });
    if (blowerSpeeds !== undefined && !blower)
      complain('blowerSpeeds', 'Without an output for a blower there are no speeds of it.');
    if (ruleUnsaid && heater !== 'any')
      complain('heater', 'What the table does not say is taken as beside everything.');
  });
export type TableRow = Frozen<z.infer<typeof tableRowSchema>>;

/** The speeds of its output for a blower: 0 where there is none; null where the table does not say how many. */
export function blowerSpeedsOf({
  blower,
  blowerSpeeds,
}: Pick<TableRow, 'blower' | 'blowerSpeeds'>): number | null {
  return blower ? (blowerSpeeds ?? null) : 0;
}

/** The speeds of a pump output of a row; 0 where there is none. */
export function speedsOf(row: Pick<TableRow, 'pumps'>, place: number): number {
  return row.pumps[place - 1] ?? 0;
}

/** A row without its number, so that two rows that are alike say so. */
function contentOf({ number: _, pumps, needs, ...row }: TableRow): string {
  const places = Array.from({ length: MOST_PUMPS }, (_none, i) => pumps[i] ?? 0);
  const sorted = needs.map(({ part, at, on }) => `${part}${at}${on}`).sort();
  return JSON.stringify([places, sorted, row.blower, row.circulation, row.ozone, row.heater]);
}

/** What is wrong between the rows of a table: a number twice, or two rows that nothing tells apart. By the place of the later one. */
export function tableFaults(rows: readonly TableRow[]): { at: number; column: 'number'; words: string }[] {
  const numbers = new Map<number, number>();
  const contents = new Map<string, number>();
  return rows.flatMap((row, at) => {
    const twin = contents.get(contentOf(row));
    const again = numbers.has(row.number);
    if (twin === undefined) contents.set(contentOf(row), row.number);
    numbers.set(row.number, at);
    if (again) return [{ at, column: 'number' as const, words: `The number ${row.number} stands twice.` }];
    if (twin === undefined) return [];
    const words = `Rows ${twin} and ${row.number} are alike: nothing tells them apart. One of them is copied wrong, or needs a switch or a link that is missing here.`;
    return [{ at, column: 'number' as const, words }];
  });
}

/** The table of a pack, as it is printed. */
export const tableSchema = z
  .array(tableRowSchema)
  .min(1, 'The table has no rows: enter one at least.')
  .max(200, 'At most 200 rows.')
  .superRefine((rows, context) => {
    for (const { at, column, words } of tableFaults(rows))
      context.addIssue({ code: 'custom', path: [at, column], message: words });
  });
