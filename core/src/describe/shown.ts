import type { Reader } from '../units';
import type { Field } from './field';
import type { Part } from './form';
import { Look } from './look';
import { textAt, under, type Texts } from './texts';

/** Paths of all that is shown of some fields, as far as what is typed shows them. */
export function shownPaths(fields: readonly Field[], texts: Texts, path: string, reader: Reader): string[] {
  const look = new Look(texts, path, reader);
  return fields.flatMap((field): string[] => {
    switch (field.kind) {
      case 'beside':
        return shownPaths(field.fields, texts, path, reader);
      case 'only-if':
        return field.test((key) => look.here(key)) ? shownPaths(field.fields, texts, path, reader) : [];
      case 'shown-if':
        return field.test(look) ? shownPaths(field.fields, texts, path, reader) : [];
      case 'group': {
        const at = under(path, field.key);
        return [at, ...shownPaths(field.fields, texts, at, reader)];
      }
      case 'rows': {
        const at = under(path, field.key);
        return [
          at,
          ...look.rows(at).flatMap((_, i) => shownPaths(field.fields, texts, `${at}.${i}`, reader)),
        ];
      }
      case 'switch': {
        const at = under(path, field.key);
        return look.isOn(at) ? [at, ...shownPaths(field.fields, texts, at, reader)] : [at];
      }
      case 'hidden':
      case 'say':
      case 'own':
        return [];
      default:
        return [under(path, field.key)];
    }
  });
}

/** No text, and a box that is not ticked. */
const NOTHING: readonly string[] = ['', 'no'];
const stands = (text: Texts | undefined) => typeof text === 'string' && !NOTHING.includes(text);

/**
 * What a form began with and nobody has answered: it stands there to begin with, and is no answer until somebody says that it is right
 * or chooses another. What merely followed from another answer is none either.
 *
 * @param start what the form began with
 * @param answered paths that somebody answered
 */
export function unansweredIn(
  { fields }: Part,
  texts: Texts,
  start: Texts,
  answered: ReadonlySet<string>,
  reader: Reader,
): string[] {
  return shownPaths(fields, texts, '', reader).filter(
    (path) => stands(textAt(start, path)) && stands(textAt(texts, path)) && !answered.has(path),
  );
}
