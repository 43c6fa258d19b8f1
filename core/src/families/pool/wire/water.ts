import { z } from 'zod';
import { choice, described, figure, group, type Look, rows } from '../../../describe';
import { capital } from '../../../words';
import { SHAPES } from '../../../hydraulics';
import { circuitNames, called, orZeroIfBlank, orZero } from './fields';

const SHAPE_WORDS = { rectangle: 'rectangle', oval: 'oval', round: 'round', kidney: 'kidney' };

const shape = group({
  shape: described(z.enum(SHAPES), {
    label: 'Shape',
    options: SHAPES.map((value) => ({ value, label: capital(SHAPE_WORDS[value]) })),
  }),
  length_m: figure((look) => (look.here('shape') === 'round' ? 'Across' : 'Length'), 'length'),
  width_m: figure((look) => (look.here('shape') === 'kidney' ? 'Both widths added' : 'Width'), 'length', {
    ...orZeroIfBlank('length'),
    shown: (look) => look.here('shape') !== 'round',
  }),
}).refine((one) => one.shape === 'round' || one.width_m > 0, {
  path: ['width_m'],
  message: 'The width must be more than 0.',
});

/** A tub turned over by the pool's filter is no tub turned over: with several waters each names its own circuits. */
function namesItsOwn(look: Look): boolean {
  const several = look.rows('bodies').length > 1 && look.names('circuits').length > 1;
  return several || look.here('circuits') !== '';
}

export const bodySchema = group({
  name: called('Name', 'Give the water a name.'),
  kind: choice('Kind', { pool: 'pool', tub: 'tub' }),
  shapes: rows('Add a shape', shape, {
    min: 1,
    max: Infinity,
    tooFew: 'Enter at least one shape.',
  }),
  depth_m: figure('Mean depth', 'length'),
  turnoversPerDay: figure('Turnovers a day', 'plain', {
    ...orZero,
    max: 100,
    hint: 'By local code or operator',
  }),
  /** names of the circuits that turn it over; all that move water where none is named */
  circuits: described(z.array(z.string().min(1).max(60)).max(20), {
    label: 'Turned over by these circuits; by all that move water where none is ticked',
    options: circuitNames,
    shown: namesItsOwn,
  }).optional(),
});
export type BodyOfWater = z.infer<typeof bodySchema>;
