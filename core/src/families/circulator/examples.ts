import type { Example } from '../parts/example';
import { DUTY, HOT, TWIN_DUTY } from './example-duties';
import type { CirculatorKind } from './kind';
import type { CirculatorPlate } from './wire/plate';

const PLATE: CirculatorPlate = { family: 'circulator', rated_W: 130, inlet_bar: 0.5 };

/** What a circulator is mostly for; a controller need not be for all of it. */
export function examplesFor(): readonly Example<CirculatorKind>[] {
  return [
    { title: 'of radiators', duty: DUTY, plate: PLATE },
    { title: 'of a hot-water return', duty: HOT, plate: PLATE },
    { title: 'of radiators, as a twin', duty: TWIN_DUTY, plate: PLATE },
  ];
}
