import { z } from 'zod';
import { choice, described, group, yesNo } from '../../../describe';
import { circuitNames } from './fields';

/** Speeds that a pump has. */
export const PUMP_SPEEDS = {
  variable: 'any speed',
  two: 'two speeds',
  one: 'one speed',
} as const;
export type PumpSpeeds = keyof typeof PUMP_SPEEDS;

/** A second pump under the same panel: the booster of a cleaner, a water feature. */
export const secondPump = group(
  {
    kind: choice('Speeds', { single: 'one speed', 'two-speed': 'two speeds' }),
    circuit: described(z.string().min(1, 'Choose the circuit that it serves.'), {
      label: 'Serves',
      options: circuitNames,
    }),
    behindMain: yesNo('Its water comes from the main pump'),
  },
  { on: 'There is a second pump' },
);
export type SecondPump = z.infer<typeof secondPump>;
