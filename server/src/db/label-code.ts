import { createHash } from 'node:crypto';

/** Letters and digits that are not mistaken for one another, read off a wet label. */
const SIGNS = '23456789ABCDEFGHJKMNPQRSTVWXYZ';
/** Eight signs part hundreds of millions of pumps; codes on labels that are out already are shorter, and stay. */
const LENGTH = 8;

/**
 * The short code of a pump, for its label: made from its id, so that it is the same wherever the pump is imported. Where another
 * pump has it already, a further draw gives another.
 */
export function labelCode(id: string, draw = 0): string {
  const bytes = createHash('sha256')
    .update(draw === 0 ? id : `${id}#${draw}`)
    .digest();
  return Array.from({ length: LENGTH }, (_, i) => SIGNS[bytes[i] % SIGNS.length]).join('');
}

/** The codes of the first labels, six signs: what a migration of then gives to pumps of then. */
export function firstLabelCode(id: string): string {
  return labelCode(id).slice(0, 6);
}
