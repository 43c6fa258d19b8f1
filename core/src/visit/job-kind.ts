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

/** The same, of what a family gives a meaning to. */
export interface JobKindOf<
  Duty extends JobKind['duty'],
  Plate extends object,
  Behaviours extends CommonBehaviours,
  Body extends JobKind['record'],
> extends JobKind {
  readonly duty: Duty;
  readonly plate: Plate;
  readonly profile: ProfileOf<Behaviours>;
  readonly record: Body;
}
