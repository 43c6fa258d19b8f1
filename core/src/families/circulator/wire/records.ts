import { z } from 'zod';
import { firstRecord } from '../../parts/first-steps';
import { record, figureOrNull, noteSchema, type Frozen } from '../../../visit/wire';

/** What is seen before water and power go on, each thing by itself. */
export const FIRST_STEPS = [
  { key: 'flushed', words: 'Flushed, and the strainer clean' },
  { key: 'valves', words: 'Valves open, flow in the direction of the arrow on the body' },
  { key: 'filled', words: 'Filled and vented; the expansion vessel’s pre-charge is right' },
  { key: 'shaft', words: 'Shaft level, head turned only drained' },
  { key: 'volts', words: 'Plate and supply agree; the motor is protected as the plate asks' },
  { key: 'water-first', words: 'Water stood in it before the power went on' },
] as const;

/** What is written down of a circulator alone. */
export const CIRCULATOR_RECORDS = [
  record('circulator-now', {
    head_m: figureOrNull,
    flow_m3h: figureOrNull,
    power_W: figureOrNull,
    inlet_bar: figureOrNull,
    flow_C: figureOrNull,
    return_C: figureOrNull,
    state: z.enum(['runs', 'stands', 'waits', 'fault']),
    unreadable: z.record(z.string(), noteSchema),
  }),
  firstRecord('seen-first', FIRST_STEPS),
  record(
    'purged',
    {
      /** loop by loop, as the site calls them */
      loops: z.array(z.string().min(1, 'Name the loop.').max(80)).min(1, 'Name one loop at least.').max(100),
      /** how long each of them was purged, s, in their order; left out where nobody timed it */
      seconds: z.array(z.number().min(0).max(86_400)).max(100).optional(),
      /** nothing heard or seen in any of them at the end */
      clear: z.boolean(),
    },
    { touches: true },
  ),
] as const;

export type CirculatorRecord = Frozen<z.infer<(typeof CIRCULATOR_RECORDS)[number]>>;
