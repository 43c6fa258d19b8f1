/** Whether a text has every word of a search in it, or a part of a word, in any order. */
export function matches(text: string, search: string): boolean {
  const within = text.toLocaleLowerCase();
  return search
    .toLocaleLowerCase()
    .split(/\s+/)
    .every((word) => within.includes(word));
}
