/** What is typed in a form, as a tree of texts in the shape of what it stands for. */
export type Texts = string | readonly Texts[] | { readonly [key: string]: Texts };
/** What is wrong, by path: `bodies.0.depth_m`. */
export type PathErrors = Readonly<Record<string, string>>;

/** Said of a place that cannot be left blank. */
export const NEEDED = 'This is needed.';

/** The text at a path; undefined where nothing stands. */
export function textAt(texts: Texts, path: string): Texts | undefined {
  if (path === '') return texts;
  return path.split('.').reduce<Texts | undefined>((at, key) => {
    if (at === undefined || typeof at === 'string') return undefined;
    return (at as Record<string, Texts>)[key];
  }, texts);
}

/** The same texts with another at a path. */
export function withText(texts: Texts, path: string, value: Texts): Texts {
  const [key, ...rest] = path.split('.');
  if (key === '') return value;
  const inner = rest.length === 0 ? value : withText(textAt(texts, key) ?? {}, rest.join('.'), value);
  if (Array.isArray(texts)) return texts.map((old, i) => (String(i) === key ? inner : old));
  return { ...(texts as Record<string, Texts>), [key]: inner };
}

/** The rows of a list in the form; none where there is no list. */
export function rowsAt(texts: Texts, path: string): readonly Texts[] {
  return (textAt(texts, path) ?? []) as readonly Texts[];
}

/** The names of a list's rows that have one. */
export function namesList(texts: Texts, path: string): readonly string[] {
  return rowsAt(texts, path)
    .map((row) => String(textAt(row, 'name') ?? '').trim())
    .filter(Boolean);
}

/** A path under another. */
export function under(path: string, key: string): string {
  return path === '' ? key : `${path}.${key}`;
}

/** Texts over others: what is not typed in the first stays as it stands in the second. A list stands for itself. */
export function textsOver(base: Texts, over: Texts): Texts {
  const group = (texts: Texts) => typeof texts === 'object' && !Array.isArray(texts);
  if (!group(base) || !group(over)) return over;
  const merged: Record<string, Texts> = { ...(base as Record<string, Texts>) };
  for (const [key, texts] of Object.entries(over as Record<string, Texts>))
    merged[key] = key in merged ? textsOver(merged[key], texts) : texts;
  return merged;
}

/** Where something stands in a form, by path. */
export function filledPaths(texts: Texts, at = ''): string[] {
  if (typeof texts === 'string') return texts === '' ? [] : [at];
  return Object.entries(texts).flatMap(([key, part]) =>
    filledPaths(part as Texts, at === '' ? key : `${at}.${key}`),
  );
}

/** Texts over others, as far as something stands in them: an empty text, and a list without rows, leaves what stands below. */
export function filledOver(base: Texts | undefined, over: Texts): Texts {
  if (typeof over === 'string') return over === '' ? (base ?? '') : over;
  if (Array.isArray(over)) return over.length === 0 ? (base ?? over) : over;
  const below =
    typeof base === 'object' && !Array.isArray(base) ? (base as Readonly<Record<string, Texts>>) : {};
  const merged: Record<string, Texts> = { ...below };
  for (const [key, texts] of Object.entries(over as Record<string, Texts>))
    merged[key] = filledOver(below[key], texts);
  return merged;
}
