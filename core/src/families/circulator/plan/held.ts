import type { CirculatorRole } from '../settings/roles';
import type { CirculatorDuty } from '../wire/duty';

/** What stands by wiring, label or site, and what a person chose: no repair of a plan moves it. */
export function heldRoles({ choices }: CirculatorDuty): ReadonlySet<string> {
  const chosen: readonly (CirculatorRole | null)[] = [
    choices.mode ? 'mode' : null,
    choices.afterCut ? 'power.after-cut' : null,
    choices.twin ? 'twin.way' : null,
  ];
  return new Set([...BY_PLANT, ...chosen.filter((role) => role !== null)]);
}

const BY_PLANT: readonly CirculatorRole[] = [
  'control.source',
  'contact',
  'temperature.sense',
  'temperature.place',
  'sensor.kind',
  'sensor.range',
  'link.protocol',
  'link.baud',
  'link.parity',
  'port',
  'fault.sense',
];
