import { requirePositive } from '../input';

/**
 * What a controller really holds whose sensor is set to another range than stands on its label: set · label/range. Both begin at nil
 * and 4 mA; a live zero hides the mistake at rest. Throws an InputError for a range of nil.
 */
export function trueValue(set: number, range_set: number, range_label: number): number {
  requirePositive('range_set', range_set, 'The range that is set');
  requirePositive('range_label', range_label, 'The range on the label');
  return (set * range_label) / range_set;
}
