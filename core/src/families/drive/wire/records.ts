import { z } from 'zod';
import { choice, described, figure, tick } from '../../../describe';
import { firstRecord, type FirstStep } from '../../parts/first-steps';
import { record, figureOrNull, noteSchema, type Frozen } from '../../../visit/wire';
import type { DriveBehaviours } from './behaviours';
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
    words: 'Sensor at zero: a plain one isolated and vented, a differential one with both sides joined',
    only: ['pressure', 'difference'],
  },
  { key: 'signal', words: 'Signal given at both its ends, and read', only: ['signal'] },
  {
    key: 'backflow',
    words: 'On a main: backflow protection is there',
    only: ['pressure'],
  },
] as const satisfies readonly DriveStep[];

/** The steps of a drive that holds this; what has a card of its own is not asked twice. */
export function firstSteps(
  holds: Holds,
  { identifies_min }: Pick<DriveBehaviours, 'identifies_min'>,
): readonly (typeof FIRST_STEPS)[number][] {
  return FIRST_STEPS.filter(
    (step: DriveStep) =>
      (!step.only || step.only.includes(holds)) &&
      (step.key !== 'identified' || identifies_min === undefined),
  );
}

/** How it turned, and how a wrong direction was put right. */
export const TURNED_WORDS = {
  right: 'the right way',
  menu: 'turned by menu',
  leads: 'two leads swapped',
} as const;

const byLeads = (here: (key: string) => string) => here('way') === 'leads';
export const turningSchema = record(
  'turning',
  {
    unit: z.int().min(1).max(8),
    way: choice('What was seen and done', TURNED_WORDS),
    // after swapping leads: how long it had been off, and that it was proved dead
    waited_min: described(figureOrNull, {
      label: 'Off before it was opened',
      quantity: 'minutes',
      when: byLeads,
      otherwise: null,
    }),
    provedDead: tick('Proved dead', { when: byLeads, otherwise: false }),
  },
  // leads are swapped in an open terminal box; a menu is keys
  { touches: true, handsIn: ({ way }) => way === 'leads' },
);

/** How the drive's own measuring of its motor ended. */
export const IDENTIFIED_WORDS = {
  done: 'identified',
  'broken-off': 'broken off',
} as const;
export const identifiedSchema = record(
  'identified',
  {
    unit: z.int().min(1).max(8),
    way: choice('How it ended', IDENTIFIED_WORDS),
    took_min: described(figureOrNull, { label: 'It took', quantity: 'minutes' }),
  },
  { touches: true },
);

/** The drive's own test with the discharge shut: its frequency, and the pressure at the inlet that it holds for. */
export const closedValveSchema = record(
  'closed-valve',
  {
    shown_hz: figure('Frequency with the discharge shut', 'frequency', { max: 400 }),
    inlet_bar: figure('Pressure at the inlet meanwhile', 'pressure', { min: -1, max: 100 }),
    openedAgain: tick('The valve is open again'),
  },
  { touches: true },
);

/** The vessel's gas as it was measured: later visits stand on it. */
export const prechargeSchema = record(
  'precharge',
  {
    measured_bar: figure('Gas', 'pressure', { min: 0, max: 100 }),
    empty: tick('Empty of water, its drain open'),
  },
  { touches: true, handsIn: true },
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
  identifiedSchema,
  turningSchema,
  closedValveSchema,
  prechargeSchema,
] as const;

export type DriveRecord = Frozen<z.infer<(typeof DRIVE_RECORDS)[number]>>;
