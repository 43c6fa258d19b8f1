import { z } from 'zod';
import { figureOrNull, noteSchema, ticksSchema, type Frozen } from '../../../visit/wire';
import type { Holds } from './duty';

/** One thing that is done before a drive is set; some only where it holds a thing. */
export interface FirstStep {
  readonly key: string;
  readonly words: string;
  readonly only?: readonly Holds[];
}

/** The order of work before settings count, by what it is to hold. */
export const FIRST_STEPS = [
  { key: 'filled', words: 'Pump filled and vented; the inlet is open' },
  { key: 'kind', words: 'Control kind is as the duty; units seen are as many as are fitted' },
  { key: 'motor', words: 'Current, speed and volts stand as on the plate; thermal protection wired' },
  { key: 'identified', words: 'Motor identified at rest, and nothing else done meanwhile' },
  { key: 'turning', words: 'Direction tried, slowly, on each unit' },
  {
    key: 'zero',
    words: 'Sensor at nil: a plain one isolated and vented, a differential one with both sides joined',
    only: ['pressure', 'difference'],
  },
  { key: 'signal', words: 'Signal given at both its ends, and read', only: ['signal'] },
  {
    key: 'backflow',
    words: 'On a main: backflow protection is there',
    only: ['pressure'],
  },
] as const satisfies readonly FirstStep[];
export type FirstKey = (typeof FIRST_STEPS)[number]['key'];

/** The steps of a drive that holds this. */
export function firstSteps(holds: Holds): readonly (FirstStep & { readonly key: FirstKey })[] {
  return FIRST_STEPS.filter((step: FirstStep) => !step.only || step.only.includes(holds));
}

/** How a wrong direction was put right. */
export const TURNED = ['right', 'menu', 'leads'] as const;

/** The vessel's gas as it was measured: later visits stand on it. */
export const prechargeSchema = z
  .object({
    kind: z.literal('precharge'),
    measured_bar: z.number().min(0).max(100),
    /** empty of water, its drain open */
    empty: z.boolean(),
  })
  .strict();

export type PrechargeBody = Frozen<z.infer<typeof prechargeSchema>>;

/** What is written down of a drive alone. */
export const DRIVE_RECORDS = [
  z
    .object({
      kind: z.literal('drive-now'),
      pressure_bar: figureOrNull,
      inlet_bar: figureOrNull,
      frequency_hz: figureOrNull,
      current_A: figureOrNull,
      power_W: figureOrNull,
      hours_h: figureOrNull,
      state: z.enum(['runs', 'stopped', 'waits', 'fault']),
      unreadable: z.record(z.string(), noteSchema),
    })
    .strict(),
  z
    .object({
      kind: z.literal('drive-first'),
      seen: z.array(z.enum(FIRST_STEPS.map(({ key }) => key) as [FirstKey, ...FirstKey[]])),
      /** of what was not done: a word why */
      why: noteSchema,
      changed: ticksSchema.optional(),
    })
    .strict(),
  z
    .object({
      kind: z.literal('turning'),
      unit: z.int().min(1).max(6),
      /** it turned right; it was turned by menu; two leads were swapped */
      way: z.enum(TURNED),
      /** after swapping leads: how long it had been off, and that it was proved dead */
      waited_min: figureOrNull,
      provedDead: z.boolean(),
    })
    .strict(),
  z
    .object({
      kind: z.literal('closed-valve'),
      shown_hz: z.number().positive().max(400),
      inlet_bar: z.number().min(-1).max(100),
      openedAgain: z.boolean(),
    })
    .strict(),
  prechargeSchema,
] as const;

export type DriveRecord = Frozen<z.infer<(typeof DRIVE_RECORDS)[number]>>;

/** Those of them whose work may leave the pump stopped, in hand or in test: it is seen in automatic after them. */
export const TOUCHES = [
  'precharge',
  'turning',
  'closed-valve',
] as const satisfies readonly DriveRecord['kind'][];
