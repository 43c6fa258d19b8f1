/** Words without the full stop at their end, to stand within a sentence. */
export function openEnded(words: string): string {
  return words.replace(/[.\s]+$/, '');
}
