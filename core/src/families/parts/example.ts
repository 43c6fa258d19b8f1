import type { FamilyKind } from '../kind';

/** A usual duty with the plate of a pump that meets it, on which a profile is tried. */
export interface Example<K extends Pick<FamilyKind, 'duty' | 'plate'>> {
  /** what it is an example of, after “a pump …”: “by a current signal” */
  readonly title: string;
  readonly duty: K['duty'];
  readonly plate: K['plate'];
}
