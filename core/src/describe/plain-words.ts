import { NEEDED } from './texts';

/** A fault as a schema tells it. */
export interface SchemaFault {
  readonly code?: string;
  readonly message: string;
  /** of what is too large or too small: what it is, and its bound */
  readonly origin?: string;
  readonly maximum?: number | bigint;
  readonly minimum?: number | bigint;
  readonly inclusive?: boolean;
  /** of what is of the wrong kind: the kind that it should be */
  readonly expected?: string;
}

/** What a schema says of its own accord is for programmers; what it was given to say is for people. */
const FOR_PROGRAMMERS = /^(Invalid (input|option|discriminator|string)|Too (big|small):|Unrecognized key)/;

/** A fault of a schema in words for whoever typed: its own where it was given any. */
export function inPlainWords(fault: SchemaFault): string {
  const { code, message, origin, maximum, minimum, inclusive, expected } = fault;
  if (!FOR_PROGRAMMERS.test(message)) return message;
  switch (code) {
    case 'too_big':
      if (origin === 'string') return `At most ${maximum} characters.`;
      return origin === 'array' ? `At most ${maximum} of them.` : `This can be ${maximum} at most.`;
    case 'too_small':
      if (origin === 'string') return NEEDED;
      if (origin === 'array') return `At least ${minimum} of them.`;
      return inclusive === false ? `This must be more than ${minimum}.` : `This must be ${minimum} at least.`;
    case 'invalid_type':
      return expected === 'int' ? 'This must be a whole number.' : NEEDED;
    case 'invalid_value':
    case 'invalid_union':
      return 'Choose one.';
    default:
      return NEEDED;
  }
}
