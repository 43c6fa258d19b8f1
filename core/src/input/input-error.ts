/**
 * What a person typed (or a program sent) that cannot be computed with.
 * `field` names the place where it was made, so that the words can stand beside it.
 */
export class InputError extends Error {
  override readonly name = 'InputError';

  constructor(
    readonly field: string,
    words: string,
  ) {
    super(words);
  }
}

/** What a computation answers, or something else where the inputs cannot be computed with; that is said where they are typed. */
export function orElse<T>(compute: () => T, otherwise: T): T {
  try {
    return compute();
  } catch (error) {
    if (error instanceof InputError) return otherwise;
    throw error;
  }
}

/** Passes a finite number above zero through; otherwise says in words what `what` must be. */
export function requirePositive(field: string, value: number, what: string): number {
  if (!Number.isFinite(value) || value <= 0) throw new InputError(field, `${what} must be more than 0.`);
  return value;
}

/** Passes a finite number from zero up through. */
export function requireNotNegative(field: string, value: number, what: string): number {
  if (!Number.isFinite(value) || value < 0) throw new InputError(field, `${what} must be 0 or more.`);
  return value;
}

/** Passes any finite number through. */
export function requireFinite(field: string, value: number, what: string): number {
  if (!Number.isFinite(value)) throw new InputError(field, `${what} must be a number.`);
  return value;
}
