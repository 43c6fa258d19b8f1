import { fieldLines, type Lines } from '@barythm/core/describe';
import { familyOf, type AnyProfile } from '@barythm/core/families';
import type { Reader } from '@barythm/core/units';

/** What a controller is and does by itself, as it was described; its messages have a list of their own. */
export function behaviourLines({ family, behaviours }: AnyProfile, reader: Reader): Lines {
  const form = familyOf(family).forms.behaviours;
  const parts = form.parts.map((part) => ({
    ...part,
    fields: part.fields.filter((field) => field.kind !== 'rows' || field.key !== 'messages'),
  }));
  return fieldLines(parts, form.write(behaviours), reader);
}
