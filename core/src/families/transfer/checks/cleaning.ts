import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { flowAt_m3h } from '../effect/pump';
import { meanInflow_m3h } from '../effect/vessel';
import { finding } from '../texts/texts';
import type { CheckInput } from './input';

/** LEV-07: what comes at cleaning against what it sends, at its greatest speed and at the speed that it then runs at; and after a cut. */
export function checkCleaning({ context, subject, settings, pump, at }: CheckInput): Finding[] {
  const { cleaning_m3h } = context.duty.inflow;
  const { most_rpm, cleaning, cleaning_rpm, afterCut } = settings;
  const found: Finding[] = [];
  const short = (rpm: number) => flowAt_m3h(pump, rpm) < cleaning_m3h - 1e-9;
  const said = (rpm: number, where: string, todo: string, role: 'speed.greatest' | 'cleaning.speed') =>
    found.push(
      finding(
        'LEV-07',
        subject,
        {
          inflow: fig('waterFlow', cleaning_m3h),
          at: where,
          gives: fig('waterFlow', flowAt_m3h(pump, rpm)),
          todo,
        },
        [at(role)],
      ),
    );
  if (most_rpm !== null && short(most_rpm))
    said(
      most_rpm,
      'at its maximum speed',
      'A higher maximum speed where motor and suction allow it; else less inflow at cleaning.',
      'speed.greatest',
    );
  else if (cleaning === 'used' && cleaning_rpm !== null && short(cleaning_rpm))
    said(cleaning_rpm, 'at its speed for cleaning', 'A higher speed for cleaning.', 'cleaning.speed');
  const mean = meanInflow_m3h(context.duty);
  if (most_rpm !== null && mean > flowAt_m3h(pump, most_rpm) + 1e-9)
    found.push(
      finding(
        'LEV-07.mean',
        subject,
        { mean: fig('waterFlow', mean), gives: fig('waterFlow', flowAt_m3h(pump, most_rpm)) },
        [at('speed.greatest')],
      ),
    );
  if (afterCut === null) found.push(finding('ANY-12.transfer', subject, {}, [at('power.after-cut')]));
  return found;
}
