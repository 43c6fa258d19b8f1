/** Words as the beginning of a sentence. */
export function sentence(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
