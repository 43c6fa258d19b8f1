import { textAt, type Texts } from '@barythm/core/describe';

/**
 * What a row of the editor is known by while it is typed. Nobody types it: its name in the published profile follows from what the
 * controller shows; a row that came from a profile keeps the one it had.
 */
const NEW = 'new:';

/** What the next row of a list is known by. */
export function freshName(rows: readonly Texts[], at: 'key' | 'value'): string {
  const taken = new Set(rows.map((row) => textAt(row, at)));
  let n = 1;
  while (taken.has(`${NEW}${n}`)) n += 1;
  return `${NEW}${n}`;
}

/** A label as a name: letters, digits and dashes, beginning with a letter. Empty where it has none of them. */
export function nameOf(label: string): string {
  const plain = label
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 32);
  return plain === '' || /^[a-z]/.test(plain) ? plain : `n-${plain}`;
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
