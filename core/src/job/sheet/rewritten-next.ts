import { isSettable, parameterAt, type Profile } from '../../profile';
import { inForce, keyOf, sameValue, type SheetRow } from '../../sheet';

/**
 * Keys of the settings that the targets of a sheet put back when they are entered: read before that, or what stood in them is lost. A
 * target that the controller holds already changes nothing.
 */
export function rewrittenNext(profile: Profile, rows: readonly SheetRow[]): ReadonlySet<string> {
  const keys = new Set<string>();
  for (const row of rows) {
    const { rewrites } = parameterAt(profile, row.address) ?? {};
    if (!rewrites || !row.target || sameValue(inForce(row)?.value, row.target.value)) continue;
    for (const key of rewrites) keys.add(key);
  }
  for (const { address } of rows) {
    const parameter = parameterAt(profile, address);
    if (parameter && !isSettable(parameter)) keys.delete(keyOf(address));
  }
  return keys;
}
