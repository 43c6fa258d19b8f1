import type { TransferRole } from '../settings/roles';
import type { TransferDuty } from '../wire/duty';

/** What stands by plate and plant, and what a person chose: no repair of a plan moves it. */
export function heldRoles({ choices }: TransferDuty): ReadonlySet<string> {
  return new Set<string>(choices.afterCut ? [...BY_PLANT, 'power.after-cut'] : BY_PLANT);
}

const BY_PLANT: readonly TransferRole[] = [
  'plant',
  'pump.kind',
  'inlets',
  'motor.volts',
  'motor.current',
  'motor.speed',
  'cleaning.input',
  // levels, gain and averaging go with it: the other way is another plan
  'control',
];
