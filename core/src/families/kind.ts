import type { CommonBehaviours, ProfileOf, SettingValues } from '../profile';
import type { JobKind, ProofReading } from '../visit';

/** What a family of pumps works with: the types that its own folder gives a meaning to. */
export interface FamilyKind extends JobKind {
  /** what planning and checking start from */
  readonly context: {
    readonly duty: { readonly family: string };
    readonly profile: ProfileOf<CommonBehaviours>;
    readonly plate: object;
    /** the site's date */
    readonly today: string;
    /** what the controller holds now, as far as is known */
    readonly inForce: SettingValues;
  };
  /** settings of a column in the field's terms */
  readonly settings: object;
  /** a reading that proves a signal, as it is judged; never on a family that is given none */
  readonly reading: {
    readonly entry: ProofReading;
    /** null while nothing is expected */
    readonly verdict: { readonly ok: boolean } | null;
    readonly voided: boolean;
    readonly superseded: boolean;
  };
}
