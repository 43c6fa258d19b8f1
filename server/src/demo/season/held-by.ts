import { inOrderOfWork, keyAt } from '@barythm/core/profile';
import { shippedProfile } from '../shipped-profiles';

type Value = string | number;
/** What was set on a controller apart from its defaults: programs by slot, the rest by its key. */
export type SetValues = Readonly<
  Record<string, Value | readonly ({ slot: number } & Record<string, Value>)[]>
>;

/** All that a controller holds: its defaults, and on top of them what someone set. */
export function heldBy(profile: string, set: SetValues): Record<string, Value> {
  const values: Record<string, Value> = {};
  for (const parameter of inOrderOfWork(shippedProfile(profile))) {
    if (parameter.default !== undefined) values[parameter.key] = parameter.default;
  }
  for (const [key, value] of Object.entries(set)) {
    if (typeof value === 'string' || typeof value === 'number') values[key] = value;
    else {
      for (const { slot, ...program } of value) {
        for (const [name, held] of Object.entries(program)) values[keyAt(name, slot)] = held;
      }
    }
  }
  return values;
}
