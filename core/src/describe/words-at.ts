import type { Field } from './field';
import type { Part } from './form';
import { Look, told, type Told } from './look';
import type { Reader } from '../units';
import { under } from './texts';

/**
 * What is asked at a path of a form, for a sentence: the part that it stands in and the field's own name. The part alone where the form
 * asks it in a way of its own; the path where it asks nothing there.
 */
export function wordsAt(parts: readonly Part[], path: string, reader: Reader): string {
  const look = new Look({}, '', reader);
  for (const { title, fields } of parts) {
    const found = labelAt(fields, '', path, look);
    if (found === undefined) continue;
    return found === null || found === title
      ? title
      : `${title}: ${found.charAt(0).toLowerCase()}${found.slice(1)}`;
  }
  return path;
}

/** A list is called by what stands first in a row of it. */
function firstLabel(field: Field, look: Look): string | null {
  const [first] = 'fields' in field && field.kind === 'rows' ? labelled(field.fields) : [];
  return first ? told(first, look) : null;
}

function labelled(fields: readonly Field[]): Told<string>[] {
  return fields.flatMap((field) =>
    'label' in field ? [field.label] : 'fields' in field ? labelled(field.fields) : [],
  );
}

/** The name of the field at a path; null where only a group that holds it is known, undefined where nothing is. */
function labelAt(fields: readonly Field[], at: string, path: string, look: Look): string | null | undefined {
  let near: null | undefined;
  for (const field of fields) {
    if (!('place' in field)) {
      const inner = 'fields' in field ? labelAt(field.fields, at, path, look) : undefined;
      if (inner !== undefined && inner !== null) return inner;
      if (inner === null) near = null;
      continue;
    }
    const own = under(at, field.key);
    if (own === path) return 'label' in field ? told(field.label, look) : firstLabel(field, look);
    if (!path.startsWith(`${own}.`)) continue;
    near = null;
    if (!('fields' in field)) continue;
    const inner = labelAt(field.fields, own, path, look);
    if (inner !== undefined && inner !== null) return inner;
  }
  return near;
}
