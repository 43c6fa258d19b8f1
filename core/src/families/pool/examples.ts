import type { Example } from '../parts/example';
import { DUTY, PANEL_DUTY } from './example-duties';
import type { PoolKind } from './kind';
import type { PoolDuty } from './wire/duty';
import type { PoolProfile } from './wire/job';

const WAYS: Readonly<Record<PoolDuty['command'], string>> = {
  own: 'by its own programs',
  relay: 'by relays',
  link: 'by a bus',
};

/** A pool for each way in which the drive can be told to run; a panel switches its circuits. */
export function examplesFor({ behaviours }: PoolProfile): readonly Example<PoolKind>[] {
  const plate = {
    family: 'pool',
    greatest_rpm: behaviours.speed.greatest_rpm,
    rated_W: 1500,
    kind: null,
  } as const;
  const duty = behaviours.kind === 'panel' ? PANEL_DUTY : DUTY;
  return behaviours.commands.map((command) => ({
    title: WAYS[command],
    duty: { ...duty, command },
    plate,
  }));
}
