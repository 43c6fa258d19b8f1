import type { Reader } from '../units';
import { namesList, rowsAt, textAt, under, type Texts } from './texts';

/** What is typed, seen from one group of a form. */
export class Look {
  constructor(
    /** the whole form */
    readonly texts: Texts,
    /** of the group that is looked at; blank for the form itself */
    readonly path: string,
    readonly reader: Reader,
  ) {}

  /** A text of this group. */
  here(key: string): string {
    return this.at(under(this.path, key));
  }

  /** A text anywhere in the form. */
  at(path: string): string {
    const text = textAt(this.texts, path);
    return typeof text === 'string' ? text.trim() : '';
  }

  /** True where a switch of the form stands on: what it is about is there. */
  isOn(path: string): boolean {
    return this.at(`${path}.on`) === 'yes';
  }

  rows(path: string): readonly Texts[] {
    return rowsAt(this.texts, path);
  }

  /** The names of a list's rows that have one. */
  names(path: string): readonly string[] {
    return namesList(this.texts, path);
  }
}

/** Words that stand, or that follow from what is typed. */
export type Told<T> = T | ((look: Look) => T);

export function told<T>(what: Told<T>, look: Look): T {
  return typeof what === 'function' ? (what as (look: Look) => T)(look) : what;
}
