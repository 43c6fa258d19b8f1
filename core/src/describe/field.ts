import type { Quantity } from '../units';
import type { Told } from './look';
import type { Place } from './places';
import type { Texts } from './texts';

/**
 * A long form as data: each field says in one place what it is called, how its text is read, what it is kept as and when it is asked.
 * `form.ts` reads them, the app paints them.
 */
export type Field =
  | FigureField
  | WordsField
  | DateField
  | ChoiceField
  | CheckField
  | TicksField
  | DaysField
  | GroupField
  | SwitchField
  | RowsField
  | BesideField
  | OnlyIf
  | ShownIf
  | HiddenField
  | SayField
  | OwnField;

export interface Kept {
  /** its name in what it is kept in */
  readonly key: string;
  readonly place: Place;
}
export interface Named extends Kept {
  readonly label: Told<string>;
  readonly hint?: Told<string | undefined>;
}
export interface FigureField extends Named {
  readonly kind: 'figure';
  /** what it measures, where it can be typed in other units too */
  readonly quantity?: Quantity;
  readonly unit?: string;
  /** what it comes to where nothing stands */
  readonly none?: string;
  /** the reading on arrival that it mostly is */
  readonly asRead?: string;
}
export interface WordsField extends Named {
  readonly kind: 'words';
  readonly lines?: number;
  readonly unit?: string;
}
export interface DateField extends Named {
  readonly kind: 'date';
}
export interface Option {
  readonly value: string;
  readonly label: string;
}
export interface ChoiceField extends Named {
  readonly kind: 'choice';
  readonly options: Told<readonly Option[]>;
  /** what else follows from a choice at a path of the group that it stands in: the form as it then stands */
  readonly follows?: (texts: Texts, value: string, group: string) => Texts;
  /** so many that one looks for it by a word of it */
  readonly searched?: boolean;
}
export interface CheckField extends Named {
  readonly kind: 'check';
}
export interface TicksField extends Named {
  readonly kind: 'ticks';
  /** what stands between two of them in the text: a line end where they are names */
  readonly by: ',' | '\n';
  readonly options: Told<readonly Option[]>;
}
export interface DaysField extends Named {
  readonly kind: 'days';
}
export interface GroupField extends Kept {
  readonly kind: 'group';
  readonly fields: readonly Field[];
}
export interface SwitchField extends Named {
  readonly kind: 'switch';
  readonly fields: readonly Field[];
}
export interface RowsField extends Kept {
  readonly kind: 'rows';
  readonly add: string;
  readonly blank: Texts;
  /** what a new row has beside that, by the rows that there are */
  readonly fresh?: (rows: readonly Texts[]) => Readonly<Record<string, Texts>>;
  /** fewer than this cannot be left */
  readonly min: number;
  readonly fields: readonly Field[];
}
/** Kept, and not asked. */
export interface HiddenField extends Kept {
  readonly kind: 'hidden';
}
export interface BesideField {
  readonly kind: 'beside';
  readonly fields: readonly Field[];
}
/** Asked and read only where something else in its group is so; otherwise left out, or kept as `otherwise` says. */
export interface OnlyIf {
  readonly kind: 'only-if';
  readonly test: (here: (key: string) => string) => boolean;
  readonly fields: readonly Field[];
  readonly otherwise: Readonly<Record<string, unknown>>;
}
/** Shown only where it makes sense; read all the same, so that nothing typed is dropped. */
export interface ShownIf {
  readonly kind: 'shown-if';
  readonly test: Exclude<Told<boolean>, boolean>;
  readonly fields: readonly Field[];
}
export interface SayField {
  readonly kind: 'say';
  readonly words: string;
  readonly tone: 'caution' | 'quiet';
}

/** What only one family paints: its page knows it by this name. */
export interface OwnField {
  readonly kind: 'own';
  readonly name: string;
}

/** When a group is not there, what it is kept as then, and what its fields show. */
export interface Absent {
  readonly when: 'all blank' | ((here: (key: string) => string) => boolean);
  readonly value: null | undefined;
  readonly texts?: Readonly<Record<string, string>>;
}
