import { z } from 'zod';
import type { Quantity } from '../units';
import type { ChoiceField, OnlyIf, Option, ShownIf } from './field';
import type { Told } from './look';
import type { Place } from './places';

/** What a schema's value is called and how it is asked for. All but the bounds, which the schema itself holds. */
export interface Described {
  readonly label?: Told<string>;
  readonly hint?: Told<string | undefined>;
  /** what a figure measures; typed and read in the reader's units */
  readonly quantity?: Quantity;
  /** the reading on arrival that it mostly is, by its key: offered where nothing is typed yet, and taken over by nobody but who reads it */
  readonly asRead?: string;
  /** the one unit in which it is shown and typed, where the reader's wish does not count */
  readonly unit?: string;
  /** of one of a few, and of several: each in words */
  readonly options?: Told<readonly Option[]>;
  /** of one of a few that may be left open: what that comes to, in words */
  readonly open?: string;
  readonly follows?: ChoiceField['follows'];
  /** of yes and no: a tick, where not ticked is no */
  readonly tick?: boolean;
  /** of what may be missing: what its switch is called. Without one it counts as soon as something of it is filled in */
  readonly on?: string;
  /** of what may be missing: asked for as a whole wherever it is asked for at all */
  readonly whole?: boolean;
  /** of a group: its keys in the order of work, where the schema has another */
  readonly order?: readonly string[];
  /** of a list: what adds one to it, and what stands in a new one */
  readonly add?: string;
  readonly start?: object;
  /** of a text: how many lines it may well have */
  readonly lines?: number;
  /** of a text that cannot be left out: what is said where it is */
  readonly missing?: string;
  /** kept with what is typed, and not asked: another place of the screen chooses it */
  readonly hidden?: boolean;
  /** said before it */
  readonly caution?: string;
  readonly note?: string;
  /** asked and read where this is so, by what stands beside it */
  readonly when?: OnlyIf['test'];
  /** what it is kept as where it is not asked; left out without */
  readonly otherwise?: unknown;
  /** shown where this is so, and read all the same */
  readonly shown?: ShownIf['test'];
  /** how its text is read and written, where that does not follow from the schema */
  readonly place?: Place;
  /** what is said where it is not known, or left out */
  readonly none?: string;
}

const SAID = new WeakMap<z.core.$ZodType, Described>();

/**
 * The same schema with what people call it. What is said later goes over what was said before; a schema made from it (`min`, `refine`)
 * keeps it, one around it (`nullable`, `optional`, a list) says its own beside it.
 */
export function described<S extends z.core.$ZodType>(schema: S, said: Described): S {
  // its own: a schema that others use too would be called by the last name that anyone gave it
  const own = z.core.clone(schema);
  SAID.set(own, { ...saidOf(schema), ...said });
  return own;
}

/** What was said of a schema; nothing where nobody said anything. */
export function saidOf(schema: z.core.$ZodType): Described {
  const { parent } = schema._zod;
  return { ...(parent && saidOf(parent)), ...SAID.get(schema) };
}

/** What stands for nothing: it may not, is null then, or is left out. */
type Blank = 'needed' | 'null' | 'left-out';

/** A schema without what lets it be missing, and what is said of both. */
export interface Peeled {
  readonly schema: z.core.$ZodType;
  readonly blank: Blank;
  readonly said: Described;
}

export function peeled(schema: z.core.$ZodType): Peeled {
  const own = saidOf(schema);
  if (!(schema instanceof z.ZodNullable || schema instanceof z.ZodOptional))
    return { schema, blank: 'needed', said: own };
  const inner = peeled(schema.unwrap());
  return {
    ...inner,
    blank: schema instanceof z.ZodNullable ? 'null' : 'left-out',
    said: { ...inner.said, ...own },
  };
}
