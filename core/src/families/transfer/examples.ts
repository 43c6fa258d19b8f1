import type { Example } from '../parts/example';
import { DUTY, VACUUM } from './example-duties';
import type { TransferKind } from './kind';
import type { TransferPlate } from './wire/plate';

const PLATE: TransferPlate = {
  family: 'transfer',
  rated_W: 1100,
  current_A: 2.6,
  speed_rpm: 2860,
  volts_V: 400,
};

/** A receiver in the open, and one on a vacuum line. */
export function examplesFor(): readonly Example<TransferKind>[] {
  return [
    { title: 'of a receiver in the open', duty: DUTY, plate: PLATE },
    { title: 'of a receiver on a vacuum line', duty: VACUUM, plate: PLATE },
  ];
}
