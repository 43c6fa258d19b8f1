import type { Reader } from '../units';
import { counted } from '../words';
import type { Peeled } from './described';
import { told, type Look } from './look';
import { said } from './said';
import type { Texts } from './texts';

/** What is typed in a form, for the line of a part: each figure in the reader's units, each choice in its words, by what the schema says of it. */
export class Saying<Path extends string> {
  constructor(
    readonly look: Look,
    private readonly described: ReadonlyMap<string, Peeled>,
  ) {}

  get reader(): Reader {
    return this.look.reader;
  }

  /** What stands at a path; *not known*, *not said* where nothing does. */
  of(path: Path): string {
    const { quantity, unit, options } = this.described.get(path)?.said ?? {};
    const text = this.look.at(path);
    if (quantity && !unit) return said(this.look, path, quantity);
    if (unit) return text === '' ? 'not known' : text.endsWith(unit) ? text : `${text} ${unit}`;
    if (!options) return text === '' ? 'not said' : text;
    const label = told(options, this.look).find(({ value }) => value === text)?.label;
    return label === undefined ? 'not said' : label.charAt(0).toLowerCase() + label.slice(1);
  }

  /** The text at a path. */
  at(path: Path): string {
    return this.look.at(path);
  }

  /** True where a switch stands on. */
  isOn(path: Path): boolean {
    return this.look.isOn(path);
  }

  rows(path: Path): readonly Texts[] {
    return this.look.rows(path);
  }

  /** The names of a list's rows that have one. */
  names(path: Path): readonly string[] {
    return this.look.names(path);
  }

  /** How many rows a list has, or how many of something are typed, with its noun. */
  counted(path: Path, one: string, many?: string): string {
    const text = this.look.at(path);
    return counted(text === '' ? this.rows(path).length : Number(text) || 0, one, many);
  }
}
