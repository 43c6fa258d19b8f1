import { z } from 'zod';
import { choice } from '../../../describe';
import type { HeaterRule } from '../../../electric';
import { firstRecord } from '../../parts/first-steps';
import { record, figureOrNull, noteSchema, type Frozen } from '../../../visit/wire';
import { tableSchema } from './table';

/** What is seen before a number is chosen. */
export const FIRST_STEPS = [
  { key: 'nobody', words: 'Nobody in the tub or touching the water' },
  {
    key: 'listed',
    words:
      'Everything that is connected listed: pumps and their speeds, blower, circulation, ozone, lights, heater',
  },
  { key: 'row', words: 'Its row found in the table that is printed in the pack' },
  { key: 'keys', words: 'A panel key seen for each output; further links and switches read' },
  { key: 'written', words: 'Number, clock, set point, range, mode and cycles written down' },
  { key: 'rcd', words: 'Residual-current protection tried by its own test key: it trips' },
  { key: 'covers', words: 'Suction covers whole, tight and in date' },
] as const;

/** The table that is printed in this very pack: later visits stand on it. */
export const packTableSchema = record('pack-table', { rows: tableSchema });

/** When the heater was seen to run, where the table does not say it. */
export const heaterRuleSchema = record(
  'heater-rule',
  {
    /** the number that stood */
    number: z.int().min(0).max(999),
    rule: choice('The heater was seen to run', {
      'no-pump': 'only while no other pump runs',
      'none-high': 'beside pumps at low speed alone',
      'one-high': 'beside one pump at high speed',
      any: 'beside everything',
    } satisfies Record<HeaterRule, string>),
  },
  { touches: true },
);

/** How the set-up switch was moved. */
export const MOVED = ['dead', 'live'] as const;

/** What is written down of a spa pack alone. */
export const SPA_RECORDS = [
  record('spa-now', {
    water_C: figureOrNull,
    display_C: figureOrNull,
    air_C: figureOrNull,
    current_A: figureOrNull,
    state: z.enum(['heats', 'rests', 'filters', 'off', 'fault']),
    unreadable: z.record(z.string(), noteSchema),
  }),
  firstRecord('spa-first', FIRST_STEPS),
  packTableSchema,
  heaterRuleSchema,
  record(
    'number-change',
    {
      /** as the display showed it before; null where nothing was shown */
      from: z.int().min(0).max(999).nullable(),
      /** as it was read back after the restart */
      readBack: z.int().min(0).max(999),
      /** the set-up switch was moved with the supply off, locked and proved dead, or on a live board */
      moved: z.enum(MOVED),
      /** on a live board: a licensed electrician, covers, an insulated tool, one hand */
      licensed: z.boolean(),
      switchOff: z.boolean(),
      pageGone: z.boolean(),
      /** set again after the change put it back */
      clockSet: z.boolean(),
      /** what the display showed after the restart, as it stood there */
      shows: z.string().max(200),
      /** read back inside the set-up page, before its switch went off: where the number is seen nowhere else */
      readInside: z.boolean().optional(),
      /** steps seen later, of a change that was recorded before: it puts nothing back again */
      amends: z.literal(true).optional(),
    },
    { touches: true },
  ),
] as const;

export type SpaRecord = Frozen<z.infer<(typeof SPA_RECORDS)[number]>>;
