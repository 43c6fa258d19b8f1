import type { Quantity } from '../units';
import type { AnyJob, IdentifyOf, JobKind } from '../visit';
import type { FamilyKind } from './kind';

/** One thing to be done before hands or keys go near the pump; each is confirmed by itself. */
export interface MakeSafeStep {
  readonly key: string;
  readonly words: string;
  /** only before hands go in: keys, eyes and instruments need it not */
  readonly hands?: true;
  /** by it the supply is off: displays are dead, and it is so no more once the power returns */
  readonly power?: true;
}

export interface PlateOption {
  readonly value: string;
  readonly label: string;
}

/** One thing that stands on a pump's plate. */
export interface PlateField<K extends FamilyKind> {
  /** its key in the plate, and its column in a register file */
  readonly key: string;
  readonly label: string;
  /** null for words */
  readonly quantity: Quantity | null;
  /** the role of the setting that it is: what is stamped on the plate is what is set in the pump, and is not read twice */
  readonly role?: string;
  /** how words are introduced where the plate is read out: “gear B” */
  readonly said?: string;
  /** what can stand there on pumps with this controller: none where it does not stand there, null where anything can */
  options?(profile: K['profile']): readonly PlateOption[] | null;
  /** what follows from the rest of the plate, so that it need not be typed; null for nothing */
  hint?(profile: K['profile'], typed: Readonly<Record<string, string>>): string | null;
}

/** One thing that is read on arrival, before anything is touched. */
export interface ReadingField {
  /** its key in the record */
  readonly key: string;
  readonly label: string;
  /** in a sentence: “discharge not read” */
  readonly said: string;
  readonly quantity: Quantity;
}

/** Readings as they were taken: figures and reasons by the key of the field. */
export interface ReadingsTaken {
  readonly figures: Readonly<Record<string, number | null>>;
  readonly unreadable: Readonly<Record<string, string>>;
  /** how a figure was come by, where there is more than one way */
  readonly by: Readonly<Record<string, string>>;
  readonly state: string | null;
}

/** The readings on arrival: what the pump was doing before anything was touched. */
export interface ArrivalReadings<Body extends { readonly kind: string }> {
  /** the record that they go into */
  readonly record: Body['kind'];
  /** what is read on this pump, in the order in which it is asked */
  fields(document: AnyJob): readonly ReadingField[];
  /** what it can be found doing; null where that is not asked */
  readonly states: readonly PlateOption[] | null;
  body(taken: ReadingsTaken): Body;
}

/** What a pump is told by, as it is seen at the site: looked at, and never remembered from a like one. */
export interface TellingSource {
  readonly label: string;
  readonly hint?: string;
  readonly options: readonly PlateOption[];
  /** what is said where nobody looked */
  readonly missing: string;
  /** what the register has of it */
  known(document: AnyJob): string | null;
  /** what was seen on this job */
  of(seen: IdentifyOf<JobKind>): string | null;
  /** what was seen, as it goes into the record */
  record(value: string): Pick<IdentifyOf<JobKind>, 'signalFrom' | 'command'>;
  /** in a sentence */
  words(value: string | null): string;
}
