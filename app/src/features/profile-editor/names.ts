import { textAt, type Texts } from '@barythm/core/describe';
import { v7 } from 'uuid';

/**
 * What a row of the editor is known by while it is typed. Nobody types it: its name in the published profile follows from what the
 * controller shows; a row that came from a profile keeps the one it had.
 */
const NEW = 'new:';

/** What a new row is known by: never what another was, so that nothing that referred to that one comes to mean it. */
export const freshName = (): string => `${NEW}${v7()}`;

/** A label as a name: letters, digits and dashes, beginning with a letter. Empty where it has none of them. */
export function nameOf(label: string): string {
  const plain = label
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 32);
  // a few words (“constructor”) cannot be keys
  const isKey = /^[a-z]/.test(plain) && !(plain in {});
  return plain === '' || isKey ? plain : `n-${plain}`;
}

/** The published name of each row, by what it is known by: none stands twice. */
export function publishedNames(rows: readonly Texts[], at: 'key' | 'value'): ReadonlyMap<string, string> {
  const of = (row: Texts, key: string) => String(textAt(row, key) ?? '');
  const kept = rows.map((row) => of(row, at)).filter((name) => name !== '' && !name.startsWith(NEW));
  const taken = new Set(kept);
  const names = new Map(kept.map((name) => [name, name]));
  rows.forEach((row, i) => {
    const known = of(row, at);
    if (names.has(known)) return;
    const base = nameOf(of(row, 'label')) || `${at}-${i + 1}`;
    let name = base;
    for (let n = 2; taken.has(name); n += 1) name = `${base}-${n}`;
    taken.add(name);
    names.set(known, name);
  });
  return names;
}
