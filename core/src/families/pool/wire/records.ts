import { z } from 'zod';
import { record, figureOrNull, noteSchema, type Frozen } from '../../../visit/wire';

/** What is written down of a pool pump alone. */
export const POOL_RECORDS = [
  record('pool-now', {
    speed_rpm: figureOrNull,
    power_W: figureOrNull,
    flow_m3h: figureOrNull,
    filter_bar: figureOrNull,
    water_C: figureOrNull,
    state: z.enum(['program', 'hand', 'hold', 'stopped', 'alarm']),
    unreadable: z.record(z.string(), noteSchema),
  }),
  record('salt', {
    panel_gl: z.number({ error: 'What the panel shows must be a number.' }),
    kit_gl: figureOrNull,
    added_kg: z.number({ error: 'The salt must be a number.' }).min(0, 'Salt cannot be taken out.'),
  }),
  record(
    'valves',
    {
      which: noteSchema.min(1, 'Say which valves.'),
      traced: z.boolean(),
      seen: noteSchema.min(1, 'Say what you saw.'),
    },
    { touches: true },
  ),
] as const;

export type PoolRecord = Frozen<z.infer<(typeof POOL_RECORDS)[number]>>;
