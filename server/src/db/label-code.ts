import { createHash } from 'node:crypto';

/** Letters and digits that are not mistaken for one another, read off a wet label. */
const SIGNS = '23456789ABCDEFGHJKMNPQRSTVWXYZ';
const LENGTH = 6;

/** The short code of a pump, for its label: made from its id, so that it is the same wherever the pump is imported. */
export function labelCode(id: string): string {
  const bytes = createHash('sha256').update(id).digest();
  return Array.from({ length: LENGTH }, (_, i) => SIGNS[bytes[i] % SIGNS.length]).join('');
}
