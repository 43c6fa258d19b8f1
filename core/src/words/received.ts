/** Kept where somebody signed and said neither a name nor for whom. */
export const NO_NAME = 'no name given';

/** Who received a hand-over, as screens and papers say it. */
export function receivedWords({
  signature,
  signedAs,
}: {
  /** null where nobody was there to sign */
  readonly signature: object | null;
  readonly signedAs: string;
}): string {
  if (signature === null) return 'Nobody was there to sign';
  return signedAs === NO_NAME ? 'Signed; no name given' : `Received by ${signedAs}`;
}
