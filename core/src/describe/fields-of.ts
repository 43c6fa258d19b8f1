import { z } from 'zod';
import { peeled, saidOf, type Peeled } from './described';
import type { ChoiceField, Field, Option } from './field';
import {
  aChoice,
  aFigure,
  aTick,
  aWord,
  beside,
  hidden,
  ifAny,
  aSwitch,
  onlyIf,
  rowsOf,
  say,
  shownIf,
  someDays,
  someWords,
  ticks,
  ticksOfNames,
  together,
  yesNoOrOpen,
  yesOrNo,
} from './fields';
import { days, maybe, measured, optional, word, type Place } from './places';

/** The fields that ask for what a schema holds, in its order; a literal is not asked for. Throws where nobody said how. */
export function fieldsOf(
  schema: z.ZodObject,
  keys: readonly string[] = saidOf(schema).order ?? Object.keys(schema.shape),
): Field[] {
  const fields: Asked[] = [];
  for (const key of keys) {
    const field = fieldOf(key, peeled(schema.shape[key]));
    if (field) fields.push(field);
  }
  return inRows(fields);
}

/** A field, and when it is asked for. */
interface Asked {
  readonly field: Field;
  readonly said: Peeled['said'];
}

/** Figures and words that follow one another stand side by side; what is asked on one condition stands under it once. */
function inRows(asked: readonly Asked[]): Field[] {
  const out: Field[] = [];
  for (let i = 0; i < asked.length;) {
    const { said } = asked[i];
    let end = i + 1;
    while (end < asked.length && asked[end].said.when === said.when && asked[end].said.shown === said.shown)
      end += 1;
    const run = sideBySide(asked.slice(i, end));
    if (said.when) out.push(onlyIf(said.when, run, otherwiseOf(asked.slice(i, end))));
    else if (said.shown) out.push(shownIf(said.shown, ...run));
    else out.push(...run);
    i = end;
  }
  return out;
}

/** What some fields are kept as where they are not asked. */
function otherwiseOf(asked: readonly Asked[]): Record<string, unknown> {
  return Object.fromEntries(
    asked.flatMap(({ field, said }) =>
      'key' in field && 'otherwise' in said ? [[field.key, said.otherwise]] : [],
    ),
  );
}

const isShort = (field: Field) =>
  field.kind === 'figure' || (field.kind === 'words' && field.lines === undefined);

function sideBySide(asked: readonly Asked[]): Field[] {
  const out: Field[] = [];
  let row: Field[] = [];
  const end = () => {
    if (row.length > 0) out.push(row.length === 1 ? row[0] : beside(...row));
    row = [];
  };
  for (const { field, said } of asked) {
    if (!isShort(field) || said.caution || said.note) end();
    if (said.caution) out.push(say(said.caution, 'caution'));
    if (said.note) out.push(say(said.note));
    if (isShort(field)) row.push(field);
    else out.push(field);
  }
  end();
  return out;
}

/** The place of what may be blank. */
function orBlank(place: Place, blank: Peeled['blank']): Place {
  return blank === 'null' ? maybe(place) : blank === 'left-out' ? optional(place) : place;
}

function fieldOf(key: string, peel: Peeled): Asked | null {
  const field = made(key, peel);
  return field && { field, said: peel.said };
}

function made(key: string, { schema, blank, said }: Peeled): Field | null {
  const { label = key, hint, place } = said;
  if (schema instanceof z.ZodLiteral && !said.tick) return null;
  if (said.hidden) return hidden(key, orBlank(place ?? word, blank));
  if (place === days && typeof label === 'string') return someDays(key, label);
  if (said.quantity) {
    const given = orBlank(place ?? measured(said.quantity), blank);
    const empty = blank === 'needed' ? undefined : 'Leave empty if unknown';
    return aFigure(key, label, said.quantity, {
      place: given,
      unit: said.unit,
      hint: hint ?? empty,
      none: said.none,
      asRead: said.asRead,
    });
  }
  const among = said.options !== undefined && !(schema instanceof z.ZodArray);
  if (among || said.open !== undefined) return oneOf(key, { schema, blank, said });
  if (schema instanceof z.ZodBoolean && typeof label === 'string') {
    if (said.tick) return aTick(key, label, place);
    return blank === 'needed' ? yesOrNo(key, label, { hint }) : yesNoOrOpen(key, label, { hint });
  }
  if (place)
    return aWord(key, label, { place: orBlank(place, blank), hint, lines: said.lines, unit: said.unit });
  if (schema instanceof z.ZodString)
    return blank === 'needed' && schema.minLength
      ? someWords(key, label, said.missing, { hint })
      : aWord(key, label, { place: orBlank(word, blank), hint, lines: said.lines });
  if (schema instanceof z.ZodArray) return listOf(key, schema, blank, said);
  if (schema instanceof z.ZodObject) return asGroup(key, fieldsOf(schema), blank, said);
  if (schema instanceof z.ZodDiscriminatedUnion) return asGroup(key, kindsOf(schema, said), blank, said);
  throw new Error(`Nobody said how to ask for ${key}.`);
}

function oneOf(key: string, { blank, said }: Peeled): ChoiceField {
  const { label = key, options = [], open, hint, follows } = said;
  const first: readonly Option[] = open === undefined ? [] : [{ value: '', label: open }];
  return aChoice(
    key,
    label,
    typeof options === 'function' ? (look) => [...first, ...options(look)] : [...first, ...options],
    { place: orBlank(said.place ?? word, blank), hint, follows },
  );
}

function listOf(key: string, schema: z.ZodArray, blank: Peeled['blank'], said: Peeled['said']): Field {
  const { element } = schema;
  if (said.options && typeof said.label === 'string') {
    // names that people gave may hold a comma
    const named = typeof said.options === 'function';
    return named ? ticksOfNames(key, said.label, said.options) : ticks(key, said.label, said.options);
  }
  if (said.add === undefined) throw new Error(`Nobody said how to add to ${key}.`);
  // a list that may be left out is, where it has no rows
  const orNothing = blank === 'left-out';
  const min = orNothing ? 0 : minOf(schema);
  if (element instanceof z.ZodObject)
    return rowsOf(key, said.add, fieldsOf(element), { min, blank: said.start, orNothing });
  throw new Error(`Nobody said what a row of ${key} is.`);
}

function asGroup(
  key: string,
  fields: readonly Field[],
  blank: Peeled['blank'],
  { on, whole }: Peeled['said'],
): Field {
  if (blank === 'needed' || whole) return together(key, fields);
  return on === undefined ? ifAny(key, fields, blank) : aSwitch(key, on, fields, blank);
}

interface Kind {
  readonly option: z.ZodObject;
  readonly value: string;
  readonly label: string;
}

/** The kinds of a group, each with the word that it is known by and what it is called. */
export function kindsIn(schema: z.ZodDiscriminatedUnion): Kind[] {
  const by = schema.def.discriminator;
  return schema.options.map((option) => {
    if (!(option instanceof z.ZodObject)) throw new Error('A kind is a group.');
    const literal: unknown = option.shape[by];
    if (!(literal instanceof z.ZodLiteral)) throw new Error('A kind is known by one word.');
    return { option, value: String(literal.value), label: String(saidOf(literal).label ?? literal.value) };
  });
}

/** How many rows a list has at least. */
function minOf({ def }: z.ZodArray): number {
  const min = def.checks?.find((check) => check instanceof z.core.$ZodCheckMinLength);
  return min?._zod.def.minimum ?? 0;
}

/** Which of several kinds it is, and what belongs to that kind. */
function kindsOf(schema: z.ZodDiscriminatedUnion, { label = 'Kind', hint }: Peeled['said']): Field[] {
  const by = schema.def.discriminator;
  const kinds = kindsIn(schema);
  const which = aChoice(
    by,
    label,
    kinds.map(({ value, label: words }) => ({ value, label: words })),
    { hint },
  );
  const rest = kinds.flatMap(({ option, value }) => {
    const fields = fieldsOf(option);
    return fields.length === 0 ? [] : [onlyIf((here) => here(by) === value, fields)];
  });
  return [which, ...rest];
}
