import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { addressesOf } from '../settings/address';
import type { CheckInput } from './input';
import { finding } from '../texts/finding';
import { turnDown } from '../effect/turn-down';

/** MET-08 of a pump that is too large: the least that it can give lies above what is wanted where least is wanted. */
export function checkTurnDown({ context, subject, settings }: CheckInput): Finding[] {
  const reach = turnDown(context);
  if (!reach?.tooLarge || settings.mode === null) return [];
  return [
    finding(
      'MET-08.too-large',
      subject,
      {
        least: reach.least,
        most: reach.most,
        when: reach.when,
        with: reach.gear === null ? '' : ` in gear ${reach.gear}, its slowest,`,
        length: fig('percent', reach.length_pct),
        cures: reach.gear === null ? 'a smaller head' : 'a slower gear or a smaller head',
      },
      addressesOf(context, 'gear', 'stroke.length'),
    ),
  ];
}
