import { typedInWords, type Reader } from '../units';
import type { Field } from './field';
import { leavesOf } from './group-place';
import type { Form, Part } from './form';
import { Look, told } from './look';
import { under, type Texts } from './texts';

/** Lines to read: a name and words. */
export type Lines = readonly (readonly [string, string])[];

/** A kept value in lines, a part of its form each. */
export function linesOf<T>(form: Form<T>, kept: T, reader: Reader): Lines {
  const look = new Look(form.write(kept), '', reader);
  return form.parts
    .map(({ title, says }) => [title, says(look)] as const)
    .filter(([, words]) => words !== '');
}

/** All that some parts of a form hold, a field each, as it is called where it is asked for. What is not known says so. */
export function fieldLines(parts: readonly Part[], texts: Texts, reader: Reader): Lines {
  return joined(parts.flatMap(({ fields }) => linesIn(fields, texts, '', reader)));
}

/** A name that goes on from the one before stands with it: “From 1 to 8”. */
function joined(lines: Lines): Lines {
  const out: (readonly [string, string])[] = [];
  for (const [name, words] of lines) {
    const before = /^[a-z]/.test(name) ? out.pop() : undefined;
    out.push(before ? [before[0], `${before[1]} ${name} ${words}`] : [name, words]);
  }
  return out;
}

const NOT_STATED = 'not stated';

function linesIn(fields: readonly Field[], texts: Texts, path: string, reader: Reader): Lines {
  const look = new Look(texts, path, reader);
  const lines = (inner: readonly Field[], at = path) => linesIn(inner, texts, at, reader);
  return fields.flatMap((field): Lines => {
    switch (field.kind) {
      case 'say':
      case 'own':
      case 'hidden':
        return [];
      case 'beside':
        return lines(field.fields);
      case 'only-if':
        return field.test((key) => look.here(key)) ? lines(field.fields) : [];
      case 'shown-if':
        return field.test(look) ? lines(field.fields) : [];
      case 'group':
        return isBlank(field.fields, look, field.key) ? [] : lines(field.fields, under(path, field.key));
      case 'switch': {
        const at = under(path, field.key);
        const on = look.isOn(at);
        return [[told(field.label, look), on ? 'yes' : 'no'], ...(on ? lines(field.fields, at) : [])];
      }
      case 'rows': {
        const at = under(path, field.key);
        const each = look.rows(at).map((_, i) => inALine(lines(field.fields, under(at, String(i)))));
        return [[calledBy(field.add), each.join('; ') || 'none']];
      }
      default:
        return mayBeLeftOut(field) && look.here(field.key) === ''
          ? []
          : [[nameless(field, path) ? '' : told(field.label, look), wordsOf(field, look)]];
    }
  });
}

/** A row of a list: its words need no name, and what is not so is not told. */
function inALine(row: Lines): string {
  return joined(row)
    .filter(([, words]) => words !== 'no')
    .map(([name, words]) => (words === 'yes' ? lower(name) : `${lower(name)} ${words}`.trim()))
    .join(', ');
}

type Leaf = Extract<
  Field,
  { readonly kind: 'figure' | 'words' | 'date' | 'choice' | 'check' | 'ticks' | 'days' }
>;

/** Words in a row of a list speak for themselves. */
function nameless({ kind }: Leaf, path: string): boolean {
  return kind === 'words' && /\.\d+$/.test(path);
}

/** Words and choices that nobody gave are not told of; a figure that is not known is. */
function mayBeLeftOut({ kind }: Leaf): boolean {
  return kind === 'words' || kind === 'choice' || kind === 'date';
}

function wordsOf(field: Leaf, look: Look): string {
  const text = look.here(field.key);
  switch (field.kind) {
    case 'check':
      return text === 'yes' ? 'yes' : 'no';
    case 'choice':
      return lower(labelOf(told(field.options, look), text));
    case 'ticks':
      return (
        text
          .split(field.by)
          .filter(Boolean)
          .map((value) => lower(labelOf(told(field.options, look), value)))
          .join(', ') || 'none'
      );
    case 'figure':
      if (text === '') return field.none ?? NOT_STATED;
      return field.quantity ? typedInWords(text, field.quantity, look.reader) : withUnit(text, field.unit);
    default:
      return text === ''
        ? NOT_STATED
        : withUnit(text.replaceAll('\n', ', ').replace(/\.$/, ''), 'unit' in field ? field.unit : undefined);
  }
}

function labelOf(
  options: readonly { readonly value: string; readonly label: string }[],
  text: string,
): string {
  return options.find(({ value }) => value === text)?.label ?? (text === '' ? NOT_STATED : text);
}
const withUnit = (text: string, unit: string | undefined) => (unit ? `${text} ${unit}` : text);

function isBlank(fields: readonly Field[], look: Look, key: string): boolean {
  return leavesOf(fields).every(
    (leaf) =>
      look.at(under(under(look.path, key), leaf.key)) === '' &&
      look.rows(under(under(look.path, key), leaf.key)).length === 0,
  );
}

/** What a row is, by what adds one. */
function calledBy(add: string): string {
  const noun = add.replace(/^Add an? /, '');
  return noun.charAt(0).toUpperCase() + noun.slice(1);
}

/** In the midst of a line: the first letter small, but of a word in capitals. */
function lower(words: string): string {
  return /^[A-Z](?![A-Z0-9])/.test(words) ? words.charAt(0).toLowerCase() + words.slice(1) : words;
}
