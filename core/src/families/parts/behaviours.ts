import { z } from 'zod';
import { choice, described, group, rows, text } from '../../describe';

/** What a controller does by itself after a cut or a fault, as its profile says. */
export const after = (label: string) =>
  choice(label, { resume: 'carries on', wait: 'waits', set: 'as set', unknown: 'not known' });
export const afterSchema = after('After it');
export type After = z.infer<typeof afterSchema>;

/** What it does where nothing can be set; null where that is set, or nobody knows. */
export function ownWay(after: After): 'resume' | 'wait' | null {
  return after === 'resume' || after === 'wait' ? after : null;
}

/** Addresses that a controller's links take, by protocol; none where it has no link. */
export const protocolsSchema = rows(
  'Add a protocol',
  group({
    value: text('Value of its option', {}),
    least: described(z.int().min(0), { label: 'Addresses from', quantity: 'plain' }),
    greatest: described(z.int().min(0).max(65_535), { label: 'to', quantity: 'plain' }),
  }),
  { max: 10 },
);

/** An address on a link or a cable. */
export const addressSchema = z.int('An address is a whole number.').min(0).max(65_535);
