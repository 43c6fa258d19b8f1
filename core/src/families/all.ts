import { circulatorFamily } from './circulator';
import { driveFamily } from './drive';
import type { Family } from './family';
import type { FamilyKind } from './kind';
import { meteringFamily } from './metering';
import { poolFamily } from './pool';
import { spaFamily } from './spa';
import { transferFamily } from './transfer';
import type {
  CommandBodyOf,
  CommandOf,
  EarlierRecord,
  IdentifyOf,
  JobOf,
  PlanRevision,
  RecordBodyOf,
  Recorded,
} from '../visit';
import type { ViewOf } from './view';

/** Every family of pump that there is: the one place in the core that names them. */
export const FAMILIES = {
  metering: meteringFamily,
  pool: poolFamily,
  circulator: circulatorFamily,
  drive: driveFamily,
  spa: spaFamily,
  transfer: transferFamily,
};

export type FamilyName = keyof typeof FAMILIES;
export const FAMILY_NAMES = Object.keys(FAMILIES) as FamilyName[];

type KindOf<T> = T extends Family<infer K> ? K : never;
/** What each family works with, by its name. */
export type FamilyKinds = { [F in FamilyName]: KindOf<(typeof FAMILIES)[F]> };
/** What one of them works with, whichever it is. */
export type AnyKind = { [Part in keyof FamilyKind]: FamilyKinds[FamilyName][Part] };

export type Duty = AnyKind['duty'];
export type Plate = AnyKind['plate'];
export type AnyProfile = AnyKind['profile'];
export type FamilyRecord = FamilyKinds[FamilyName]['record'];

/** A job at a pump of any family, and what is written in it. */
export type JobDocument = JobOf<AnyKind>;
export type RecordBody = RecordBodyOf<AnyKind>;
export type RecordKind = RecordBody['kind'];
export type JobRecord = Recorded<RecordBody>;
export type IdentifyBody = IdentifyOf<AnyKind>;
export type JobPlan = PlanRevision<Duty>;
export type Earlier = EarlierRecord<RecordBody>;
export type JobCommand = CommandOf<AnyKind>;
export type JobCommandBody = CommandBodyOf<AnyKind>;

export type FamilyContext = AnyKind['context'];
export type AnyFamily = Family<AnyKind>;
export type JobView = ViewOf<AnyKind>;

/** The family of a name. */
export function familyOf(name: FamilyName): AnyFamily {
  return FAMILIES[name];
}

/** What pumps of a family are called, as a list names kinds: “Metering pump”. */
export function kindInWords(name: FamilyName): string {
  const words = FAMILIES[name].words.replace(/^an? /, '');
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** True for the view of a pump of this family. */
export function isViewOf<F extends FamilyName>(
  name: F,
  view: JobView,
): view is ViewOf<FamilyKinds[F]> & JobView {
  return view.family === name;
}

/** True for the context of a pump of this family. */
export function isContextOf<F extends FamilyName>(
  name: F,
  context: FamilyContext,
): context is FamilyContext & FamilyKinds[F]['context'] {
  return context.profile.family === name;
}
