import type { Field } from './field';
import { together } from './fields';
import type { Part } from './form';
import { under } from './texts';

/**
 * The fields of a form that ask at some paths, and no others: by themselves, whatever else would have to be there for them to be asked. A
 * group that is switched on stands as one that is.
 */
export function fieldsAt(parts: readonly Part[], paths: readonly string[]): Field[] {
  return parts.flatMap(({ fields }) => pruned(fields, paths, ''));
}

function pruned(fields: readonly Field[], paths: readonly string[], at: string): Field[] {
  return fields.flatMap((field): Field[] => {
    if ('place' in field) {
      const own = under(at, field.key);
      if (paths.includes(own)) return [field];
      if (!('fields' in field) || field.kind === 'rows') return [];
      const inner = pruned(field.fields, paths, own);
      return inner.length > 0 ? [together(field.key, inner)] : [];
    }
    return 'fields' in field ? pruned(field.fields, paths, at) : [];
  });
}
