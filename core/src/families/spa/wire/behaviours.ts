import { z } from 'zod';
import { choice, described, figure, group, rows, several, text, tick } from '../../../describe';
import { controllerMessageSchema, controllerShape } from '../../../profile';
import { after } from '../../parts/behaviours';
import { tableSchema } from './table';

/** What a pack drives. */
export const OUTPUT_WORDS = {
  'pump-1': 'pump 1',
  'pump-2': 'pump 2',
  'pump-3': 'pump 3',
  'pump-4': 'pump 4',
  blower: 'blower',
  circulation: 'circulation pump',
  ozone: 'ozone',
  lights: 'lights',
} as const;
export type Output = keyof typeof OUTPUT_WORDS;
export const OUTPUTS = [
  'pump-1',
  'pump-2',
  'pump-3',
  'pump-4',
  'blower',
  'circulation',
  'ozone',
  'lights',
] as const satisfies readonly Output[];

/** When its set-up switch is read. */
export const READ_AT_WORDS = {
  'power-up': 'when the supply comes on',
  message: 'while its start-up message stands',
  live: 'live, whenever it is moved',
} as const;

/** Where its number is seen. */
export const NUMBER_SEEN_WORDS = {
  'start-up': 'at start-up, or on a page',
  'set-up': 'in the set-up page alone',
} as const;

const range = z.tuple([z.number().min(0).max(60), z.number().min(0).max(60)], {
  error: 'A range has a minimum and a maximum temperature.',
});

/** What a pack with its panel does by itself: not set, but planned and proved against. */
export const spaBehavioursSchema = group({
  family: z.literal('spa'),
  ...controllerShape,
  // as it is printed in it
  rows: described(tableSchema, { label: 'Table' }),
  // what each switch of its bank means, and which of them opens the set-up page
  bank: rows(
    'Add a switch of the bank',
    group({ means: text('It means', { max: 120 }), setUp: tick('It opens the set-up page') }),
    { max: 12 },
  ),
  readAt: choice('The set-up switch is read', READ_AT_WORDS),
  numberSeen: choice('Its number is seen', NUMBER_SEEN_WORDS, { open: 'Not known' }).optional(),
  wipesClock: tick('A change of number puts its clock back'),
  // as delivered
  keys: rows(
    'Add a key',
    group({
      name: text('Key', { max: 40 }),
      drives: choice('It drives', OUTPUT_WORDS, { open: 'Nothing' }).nullable(),
      // press by press
      states: text('Its states in order', {
        max: 80,
        hint: 'e.g. low, high, off; empty when not known',
      }).optional(),
    }),
    { max: 12 },
  ),
  // those not named are not limited by themselves
  limits: rows(
    'Add a limit of an output',
    group({
      output: choice('Output', OUTPUT_WORDS),
      most_A: figure('Carries at most', 'motorCurrent', { max: 100 }),
    }),
    { max: OUTPUTS.length },
  ),
  board_A: figure('The board carries on a phase', 'motorCurrent', {
    max: 200,
    hint: 'From its plate',
    none: 'see its plate',
  }).nullable(),
  messages: rows('Add a message or lamp', controllerMessageSchema, { max: 40 }),
  // null where it has one range alone
  ranges: group({ low: range, high: range }).nullable(),
  standsLow_C: figure('Standing low it holds', 'temperature', {
    min: 0,
    max: 45,
    hint: 'Empty where it cannot',
    none: 'it cannot',
  }).nullable(),
  // else it runs in cycles and while it heats
  circulatesAlways: tick('Its circulation pump never stands'),
  frost: group(
    {
      below_C: figure('Below', 'temperature', { min: -10, max: 15 }),
      runs: several('It then runs', OUTPUT_WORDS),
    },
    { on: 'It guards against frost by itself' },
  ).nullable(),
  clockAfterCut: choice('Through a power cut its clock is', { kept: 'kept', lost: 'lost' }),
  afterPowerCut: after('After a power cut'),
});
export type SpaBehaviours = z.infer<typeof spaBehavioursSchema>;
