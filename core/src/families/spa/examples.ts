import type { Example } from '../parts/example';
import { DUTY, LITTLE, SHARED } from './example-duties';
import type { SpaKind } from './kind';
import type { SpaPlate } from './wire/plate';

const PLATE: SpaPlate = { family: 'spa', current_A: 40, volts_V: 230, heater_W: 3000 };

/** Tubs of three sizes: a pack need not be able to run all of them. */
export function examplesFor(): readonly Example<SpaKind>[] {
  return [
    { title: 'of a small tub with one pump', duty: LITTLE, plate: PLATE },
    { title: 'of a tub with two pumps and a blower', duty: DUTY, plate: PLATE },
    { title: 'of a shared tub with a circulation pump', duty: SHARED, plate: PLATE },
  ];
}
