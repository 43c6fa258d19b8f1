/**
 * A message as it is compared: case, signs and spaces do not tell two apart, for nobody types them alike. One that is signs alone (`--:--`) is
 * compared by them.
 */
export function bareCode(shows: string): string {
  const letters = shows.toLocaleLowerCase('en').replace(/[^\p{L}\p{N}]+/gu, '');
  return letters === '' ? shows.replace(/\s+/g, '') : letters;
}
