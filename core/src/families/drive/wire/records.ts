import { z } from 'zod';
import { firstRecord, type FirstStep } from '../../parts/first-steps';
import { record, figureOrNull, noteSchema, type Frozen } from '../../../visit/wire';
import type { Holds } from './duty';

/** Some are done only where it holds a thing. */
interface DriveStep extends FirstStep {
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
] as const satisfies readonly DriveStep[];

/** The steps of a drive that holds this. */
export function firstSteps(holds: Holds): readonly (typeof FIRST_STEPS)[number][] {
  return FIRST_STEPS.filter((step: DriveStep) => !step.only || step.only.includes(holds));
}

/** How a wrong direction was put right. */
export const TURNED = ['right', 'menu', 'leads'] as const;

/** The vessel's gas as it was measured: later visits stand on it. */
export const prechargeSchema = record(
  'precharge',
  {
    measured_bar: z.number().min(0).max(100),
    /** empty of water, its drain open */
    empty: z.boolean(),
  },
  { touches: true },
);

export type PrechargeBody = Frozen<z.infer<typeof prechargeSchema>>;

/** What is written down of a drive alone. */
export const DRIVE_RECORDS = [
  record('drive-now', {
    pressure_bar: figureOrNull,
    inlet_bar: figureOrNull,
    frequency_hz: figureOrNull,
    current_A: figureOrNull,
    power_W: figureOrNull,
    hours_h: figureOrNull,
    state: z.enum(['runs', 'stopped', 'waits', 'fault']),
    unreadable: z.record(z.string(), noteSchema),
  }),
  firstRecord('drive-first', FIRST_STEPS),
  record(
    'turning',
    {
      unit: z.int().min(1).max(6),
      /** it turned right; it was turned by menu; two leads were swapped */
      way: z.enum(TURNED),
      /** after swapping leads: how long it had been off, and that it was proved dead */
      waited_min: figureOrNull,
      provedDead: z.boolean(),
    },
    { touches: true },
  ),
  record(
    'closed-valve',
    {
      shown_hz: z.number().positive().max(400),
      inlet_bar: z.number().min(-1).max(100),
      openedAgain: z.boolean(),
    },
    { touches: true },
  ),
  prechargeSchema,
] as const;

export type DriveRecord = Frozen<z.infer<(typeof DRIVE_RECORDS)[number]>>;
