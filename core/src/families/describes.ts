import type { Form } from '../describe';
import type { TextBook } from '../findings';
import type { Meanings, Parameter, ParameterGroup, RoleQuantities } from '../profile';
import type { RecordBodyOf } from '../visit';
import type { MakeSafeStep, PlateField, ArrivalReadings, TellingSource } from './arrival';
import type { FamilyKind } from './kind';
import type { Example } from './parts/example';
import type { FirstSteps } from './parts/first-steps';
import type { AnyWork } from './parts/work';
import type { Guard } from './parts/guard';
import type { z } from 'zod';

/**
 * What a family says of itself: data with its words, from which forms, cards, papers, schemas and checks of any pump follow.
 *
 * @example
 * const fan: Pick<Describes<FanKind>, 'name' | 'words' | 'roles'> = { name: 'fan', words: 'a fan', roles: ['speed', 'state'] };
 */
export interface Describes<K extends FamilyKind> {
  readonly name: K['duty']['family'];
  /** as people say it: “a pool pump” */
  readonly words: string;
  readonly wire: {
    readonly duty: z.ZodType<K['duty']>;
    readonly plate: z.ZodType<K['plate']>;
    readonly behaviours: z.ZodType<K['profile']['behaviours']>;
    /** records that this family alone writes */
    readonly records: readonly z.ZodObject[];
    /** those of them that later jobs at the same unit stand on */
    readonly carried: readonly z.ZodObject[];
  };

  /** what is asked for and how it is said, part by part, in the order of work */
  readonly forms: {
    readonly duty: Form<K['duty']>;
    /** what a controller does by itself */
    readonly behaviours: Form<K['profile']['behaviours']>;
    /** whose controller is described: “A metering pump” */
    readonly controllerOf: string;
    /** groups of settings that one mostly has, in the order of work */
    readonly groups: readonly ParameterGroup[];
  };

  /** what each role of a parameter holds (`roleTable`); roles, options and quantities follow from it */
  readonly meanings: Meanings;
  /** the closed list of meanings its parameters can have */
  readonly roles: readonly string[];
  /** each meaning of a parameter or an option as one would say it aloud */
  readonly roleWords: Readonly<Record<string, string>>;
  /** meanings of options; those that are counted are known by `isOptionRole` */
  readonly optionRoles: readonly string[];
  isOptionRole(role: string): boolean;
  /** what the figure of each role measures */
  readonly quantities: RoleQuantities;
  /** what is wrong with the unit of a parameter whose role takes more than one quantity; null where nothing is; undefined for any other role */
  unitFault(parameter: Parameter): string | null | undefined;
  /** roles that a mode drives the pump with; they are checked when the mode changes */
  rolesOfMode(option: string): readonly string[];
  /** the role that says which mode it is in; `mode` where it is left out */
  readonly modeRole?: string;

  /** paths of the duty's form that are of one unit alone (a measured gas, a counter): for another pump they are asked again */
  readonly ofUnit: readonly string[];

  /**
   * Settings whose change can hurt, by their role: which way it does, and by what of the duty it is held against every limit that guards
   * it. A role that is not here is judged by the whole duty alone.
   */
  readonly guards: Readonly<Record<string, Guard | undefined>>;

  /** usual pumps on which a profile is tried before anybody relies on it */
  examples(profile: K['profile']): readonly Example<K>[];

  readonly texts: TextBook;
  readonly reasons: Readonly<Record<string, string>>;

  readonly arrival: {
    readonly makeSafe: readonly MakeSafeStep[];
    /** what stands on the plate, in the order in which it is asked */
    readonly plate: readonly PlateField<K>[];
    /** what tells it to run, as it is seen at the site; null where nothing but itself can */
    readonly source: TellingSource | null;
    /** the code of setting a pump whose plate was not read */
    readonly plateCode: string;
    readonly readings: ArrivalReadings<RecordBodyOf<K>>;
    /** work that is written down beside the settings */
    readonly work: readonly AnyWork<K>[];
    /** what is seen or done before it is set, step by step; null where there is no such list */
    readonly first: FirstSteps<K> | null;
  };
}
