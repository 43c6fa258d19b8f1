import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { runSession } from '../bench/run-session';
import { coolEnough, delivered_C } from '../effect/cooling';
import { meanInflow_m3h } from '../effect/vessel';
import { finding } from '../texts/texts';
import type { CheckInput } from './input';

/** LEV-11: what a session delivers, litre by litre, against what is wanted. */
export function checkDelivered({ context, subject, settings, at }: CheckInput): Finding[] {
  const { duty } = context;
  if (!duty.cooler || settings.least_rpm === null || settings.most_rpm === null || settings.control === null)
    return [];
  const { delivered_C: delivered, sent_m3 } = runSession(context, settings, 'regular').sums;
  const { wanted_C } = duty.product;
  if (sent_m3 === 0 || coolEnough(duty, delivered)) return [];
  const steadies = coolEnough(duty, delivered_C(duty, meanInflow_m3h(duty)));
  return [
    finding(
      'LEV-11',
      subject,
      {
        delivered: fig('temperature', delivered),
        wanted: fig('temperature', wanted_C),
        todo: steadies
          ? 'A steadier flow: even-flow, a higher top level, a lower maximum speed.'
          : 'Even a steady stream would be too warm: more or colder coolant, a clean or a larger cooler.',
      },
      // no setting cures what even a steady stream is too warm for
      steadies ? [at('control'), at('level.top'), at('speed.greatest')] : [at('control')],
    ),
  ];
}
