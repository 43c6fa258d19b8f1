import type { DriveRole } from '../settings/roles';
import type { DriveDuty } from '../wire/duty';

/** What stands by plate, label or cable, and what a person chose: no repair of a plan moves it. */
export function heldRoles({ holds, choices }: DriveDuty): ReadonlySet<string> {
  const chosen: readonly (DriveRole | null)[] = [
    choices.afterCut ? 'power.after-cut' : null,
    choices.afterFault ? 'fault.after' : null,
    choices.dry ? 'dry.reaction' : null,
    choices.sharing ? 'sharing' : null,
    choices.lift === undefined ? null : 'lift',
    holds.kind === 'speed' ? 'set.frequency' : null,
  ];
  return new Set([...BY_PLANT, ...chosen.filter((role) => role !== null)]);
}

const BY_PLANT: readonly DriveRole[] = [
  'holds',
  'units',
  'motor.current',
  'motor.speed',
  'motor.volts',
  'motor.direction',
  'sensor.kind',
  'sensor.range',
  'sensor.zero',
];
