import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { finding } from '../texts/texts';
import type { CheckInput } from './input';

/** Opening a strainer, or mixing something in, takes so long at least, min. */
const WORK_min = 15;

/** POO-24 and 27: how long a timed hold keeps the programs off, against how long the water may stand and how long work takes. */
export function checkHolds({ context, subject, settings, at }: CheckInput): Finding[] {
  const { longestPause_min } = context.duty;
  const { hold_min } = settings;
  if (!context.profile.behaviours.holds.timed || hold_min === null) return [];
  const said = (text: 'POO-27.hold' | 'POO-24.short', limit_min: number) =>
    finding(text, subject, { hold: fig('minutes', hold_min), limit: fig('minutes', limit_min) }, [
      at('hold.time'),
    ]);
  return [
    ...(longestPause_min !== null && hold_min > longestPause_min
      ? [said('POO-27.hold', longestPause_min)]
      : []),
    ...(hold_min < WORK_min ? [said('POO-24.short', WORK_min)] : []),
  ];
}
