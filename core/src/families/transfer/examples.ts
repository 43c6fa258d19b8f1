import type { Example } from '../parts/example';
import { DUTY, LOBE, VACUUM } from './example-duties';
import type { TransferProfile } from './wire/job';
import type { TransferKind } from './kind';
import type { TransferPlate } from './wire/plate';

const PLATE: TransferPlate = {
  family: 'transfer',
  rated_W: 1100,
  current_A: 2.6,
  speed_rpm: 2860,
  volts_V: 400,
};

/** A receiver in the open, one on a vacuum line, and one with a pump that displaces where the controller knows such. */
export function examplesFor({ parameters }: TransferProfile): readonly Example<TransferKind>[] {
  const kinds = parameters.find(({ role }) => role === 'pump.kind')?.options ?? [];
  const displaces = kinds.some(({ role }) => role === 'pump.lobe');
  return [
    { title: 'of a receiver in the open', duty: DUTY, plate: PLATE },
    { title: 'of a receiver on a vacuum line', duty: VACUUM, plate: PLATE },
    ...(displaces ? [{ title: 'of a separator, by a lobe pump', duty: LOBE, plate: PLATE }] : []),
  ];
}
