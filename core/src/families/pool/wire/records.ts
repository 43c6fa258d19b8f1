import { z } from 'zod';
import { described, tick, zeroIfBlank } from '../../../describe';
import { record, figureOrNull, noteSchema, type Frozen } from '../../../visit/wire';

/** Salt: what the panel says, what a kit says, and what was added. */
export const saltSchema = record('salt', {
  panel_gl: described(z.number({ error: 'What the panel shows must be a number.' }), {
    label: 'The panel shows',
    quantity: 'strength',
  }),
  kit_gl: described(figureOrNull, {
    label: 'The test kit says',
    quantity: 'strength',
    hint: 'Empty when none was used',
  }),
  added_kg: described(z.number({ error: 'The salt must be a number.' }).min(0, 'Salt cannot be taken out.'), {
    label: 'Salt added',
    quantity: 'salt',
    place: zeroIfBlank('salt'),
    hint: 'Empty: none',
  }),
});

/** A valve that was moved from a panel's menu. */
export const valvesSchema = record(
  'valves',
  {
    which: described(noteSchema.min(1, 'Say which valves.'), {
      label: 'Which valve, and where to',
      missing: 'Say which valves.',
    }),
    traced: tick('The pipework was followed first'),
    seen: described(noteSchema.min(1, 'Say what you saw.'), {
      label: 'What was seen',
      missing: 'Say what you saw.',
    }),
  },
  { touches: true },
);

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
  saltSchema,
  valvesSchema,
] as const;

export type PoolRecord = Frozen<z.infer<(typeof POOL_RECORDS)[number]>>;
