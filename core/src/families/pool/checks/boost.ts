import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { finding } from '../texts/texts';
import type { CheckInput } from './input';

/** POO-09: a boost slower than what runs anyway takes the place of it. */
export function weakBoost({ settings, week, subject, at }: CheckInput): Finding[] {
  const { boost_rpm, boost_min } = settings;
  const runs = (week ?? []).filter(({ cause }) => cause === 'program').map(({ speed_rpm }) => speed_rpm);
  const fastest = Math.max(0, ...runs);
  if (boost_rpm === null || boost_min === 0 || boost_rpm >= fastest) return [];
  return [
    finding('POO-09.slow', subject, { boost: fig('speed', boost_rpm), program: fig('speed', fastest) }, [
      at('boost.speed'),
    ]),
  ];
}
