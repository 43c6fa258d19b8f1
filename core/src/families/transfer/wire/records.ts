import { z } from 'zod';
import { described, tick } from '../../../describe';
import { firstRecord } from '../../parts/first-steps';
import { record, figureOrNull, noteSchema, type Frozen } from '../../../visit/wire';

/** What is done before the settings count, in the order in which one thing rests on another. */
export const FIRST_STEPS = [
  {
    key: 'written',
    words: 'Everything as found written down: some units blank themselves when they are set up anew',
  },
  { key: 'vessel', words: 'Vessel drained or filled as each test needs it' },
  { key: 'kinds', words: 'Kind of plant and of pump chosen before anything else: speeds follow from them' },
  { key: 'plate', words: 'Volts, amps and speed as on the motor’s own plate' },
  { key: 'float', words: 'Float moved by hand over its whole way, its reading seen at both ends' },
] as const;

/** Two leads that were swapped: how long it had been off, and that it was proved dead. */
export const leadsSwapped = record(
  'leads-swapped',
  {
    waited_min: described(figureOrNull, { label: 'Off before it was opened', quantity: 'minutes' }),
    provedDead: tick('Proved dead'),
  },
  { touches: true, handsIn: true },
);

/** What is written down of such a pump alone. */
export const TRANSFER_RECORDS = [
  record('transfer-now', {
    level_mm: figureOrNull,
    speed_rpm: figureOrNull,
    current_A: figureOrNull,
    product_C: figureOrNull,
    delivered_C: figureOrNull,
    state: z.enum(['runs', 'stopped', 'cleaning', 'fault']),
    unreadable: z.record(z.string(), noteSchema),
  }),
  firstRecord('transfer-first', FIRST_STEPS),
  leadsSwapped,
] as const;

export type TransferRecord = Frozen<z.infer<(typeof TRANSFER_RECORDS)[number]>>;
