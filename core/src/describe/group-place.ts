import type { Absent, Field } from './field';
import type { Place } from './places';
import { textAt, under, type Texts } from './texts';

type Group = Record<string, unknown>;

/** The place of all fields of a group: what is asked is read, what is not is left out or kept as its condition says. */
export function fieldsPlace(fields: readonly Field[]): Place {
  return {
    read: (texts, path, tell) => {
      const out: Group = {};
      const here = (key: string) => {
        const text = textAt(texts ?? {}, key);
        return typeof text === 'string' ? text.trim() : '';
      };
      const readAll = (some: readonly Field[]): void => {
        for (const field of some) {
          if (field.kind === 'beside' || field.kind === 'shown-if') readAll(field.fields);
          else if (field.kind === 'only-if') {
            if (field.test(here)) readAll(field.fields);
            else Object.assign(out, field.otherwise);
          } else if ('place' in field) {
            const value = field.place.read(textAt(texts ?? {}, field.key), under(path, field.key), tell);
            if (value !== undefined) out[field.key] = joined(out[field.key], value);
          }
        }
      };
      readAll(fields);
      return out;
    },
    write: (value) => {
      const given = (value ?? {}) as Group;
      const out: Record<string, Texts> = {};
      for (const { key, place } of leavesOf(fields)) {
        const text = place.write(given[key]);
        out[key] = key in out ? (joined(out[key], text) as Texts) : text;
      }
      return out;
    },
  };
}

/** A group whose fields stand in two parts of the form is one group; a field asked in two ways has one text. */
function joined(first: unknown, second: unknown): unknown {
  const group = (value: unknown) => typeof value === 'object' && value !== null && !Array.isArray(value);
  return group(first) && group(second) ? { ...(first as Group), ...(second as Group) } : second;
}

/** Every field that keeps something, whatever condition it stands under. */
export function leavesOf(
  fields: readonly Field[],
): readonly { readonly key: string; readonly place: Place }[] {
  return fields.flatMap((field) => {
    if ('place' in field) return [field];
    return 'fields' in field ? leavesOf(field.fields) : [];
  });
}

export function groupPlace(fields: readonly Field[], absent?: Absent): Place {
  const inner = fieldsPlace(fields);
  if (!absent) return inner;
  const isAbsent = (texts: Texts | undefined) => {
    const here = (key: string) => String(textAt(texts ?? {}, key) ?? '').trim();
    return absent.when === 'all blank'
      ? leavesOf(fields).every(({ key }) => here(key) === '')
      : absent.when(here);
  };
  return {
    read: (texts, path, tell) => (isAbsent(texts) ? absent.value : inner.read(texts, path, tell)),
    write: (value) =>
      value === null || value === undefined
        ? { ...(inner.write({}) as object), ...absent.texts }
        : inner.write(value),
  };
}

/** A group with a switch, the text `on`. */
export function switchPlace(fields: readonly Field[], otherwise: null | undefined): Place {
  const inner = fieldsPlace(fields);
  return {
    read: (texts, path, tell) =>
      textAt(texts ?? {}, 'on') === 'yes' ? inner.read(texts, path, tell) : otherwise,
    write: (value) => ({
      ...(inner.write(value ?? {}) as object),
      on: value === null || value === undefined ? 'no' : 'yes',
    }),
  };
}

/** The paths that a part of a form asks for; a list answers for all of its rows. */
export function pathsOf(fields: readonly Field[], path = ''): string[] {
  return fields.flatMap((field) => {
    if (field.kind === 'group') return pathsOf(field.fields, under(path, field.key));
    if ('place' in field) return [under(path, field.key)];
    return 'fields' in field ? pathsOf(field.fields, path) : [];
  });
}
