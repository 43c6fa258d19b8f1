import { familyOf, type FamilyName } from '../families';
import type { RecordKind } from '../visit';

/** Records of any pump that may leave it stopped, on hold or in manual. */
const ON_ANY_PUMP: readonly RecordKind[] = ['check', 'reset'];

/** Kinds of record whose work touches the pump: after them it is seen in automatic again (ANY-03), and the job was no mere look. */
export function touchesOf(family: FamilyName): ReadonlySet<string> {
  return new Set<string>([...ON_ANY_PUMP, ...familyOf(family).touches]);
}
