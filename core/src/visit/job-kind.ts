import type { CommonBehaviours, ProfileOf } from '../profile';

/**
 * What a job is open about: what it means is known to the family of pump alone. Rules of a visit hold for every one.
 *
 * @example
 * interface FanJob extends JobKind { readonly duty: FanDuty; readonly plate: FanPlate; … }
 * function firstEntry({ entries }: JobOf<FanJob>) { … }
 */
export interface JobKind {
  readonly duty: { readonly family: string };
  readonly plate: object;
  readonly profile: ProfileOf<CommonBehaviours>;
  /** a record that this family alone writes */
  readonly record: { readonly kind: string };
}
