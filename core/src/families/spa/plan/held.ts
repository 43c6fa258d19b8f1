import type { SpaRole } from '../settings/roles';
import type { SpaDuty } from '../wire/duty';

/** What stands by the board’s table and the tub, and what a person chose: no repair of a plan moves it. */
export function heldRoles({ choices }: SpaDuty): ReadonlySet<string> {
  const chosen: readonly (SpaRole | null)[] = [
    choices.heating ? 'heating' : null,
    choices.cleanUp_min === undefined ? null : 'clean-up',
  ];
  return new Set([...BY_PLANT, ...chosen.filter((role) => role !== null)]);
}

const BY_PLANT: readonly SpaRole[] = ['number', 'switch', 'link', 'unit', 'sensor.offset'];
