import { z } from 'zod';
import { choice, described, figure, group, minute, tick, whole } from '../../../describe';
import { orZeroIfBlank, onDays, circuitNames, called } from './fields';

const CIRCUIT_WORDS = {
  filter: 'filter',
  spa: 'spa',
  cleaner: 'cleaner',
  feature: 'water feature',
  heater: 'heater',
  solar: 'roof solar',
  chlorinator: 'chlorinator',
  own: 'the site’s own',
  /** lights, an outlet: the panel times it, and it moves no water */
  'no-water': 'no water (lights, an outlet)',
} as const;

export const circuit = group(
  {
    name: called('Name, as the site calls it', 'Give the circuit a name.'),
    kind: choice('Kind', CIRCUIT_WORDS),
    leastFlow_m3h: figure('Minimum flow', 'waterFlow', orZeroIfBlank('waterFlow')),
    /** lift of its water above the pool, m: a roof */
    static_m: figure('Lifts water by', 'length', {
      ...orZeroIfBlank('length'),
      hint: 'Of a roof; else blank',
    }),
    /** its pipes stand in the frost */
    exposed: tick('Its pipes stand in the frost'),
    /** its place in the panel's list; null where no panel switches it */
    place: whole('Place in the panel', {
      min: 1,
      max: Infinity,
      hint: 'Blank without a panel',
    }).nullable(),
  },
  { order: ['name', 'kind', 'leastFlow_m3h', 'static_m', 'place', 'exposed'] },
);
export type Circuit = z.infer<typeof circuit>;

/** What a circuit needs of each day. */
export const need = group({
  /** name of the circuit */
  circuit: described(z.string().min(1), { label: 'Circuit', options: circuitNames }),
  days: onDays,
  from: minute('Between', { hint: 'e.g. 10:00' }),
  to: minute('and'),
  /** hours within the window; null: all of it */
  hours: figure('For', 'hours', { max: 24, hint: 'Blank: all of it' }).nullable(),
});
export type Need = z.infer<typeof need>;
