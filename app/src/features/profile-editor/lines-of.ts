/** Lines of a text, each parted by upright strokes. */
export function linesOf(text: string): string[][] {
  return text
    .split('\n')
    .map((line) => line.split('|').map((part) => part.trim()))
    .filter((parts) => parts.some((part) => part !== ''));
}
