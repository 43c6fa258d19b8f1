import { refusedValues, type Finding } from '../../../findings';
import { fig } from '../../../units';
import { addressesOf } from '../settings/address';
import type { CheckInput } from './input';
import { finding } from '../texts/finding';

/** ANY-09: values this controller would refuse. ANY-10: limits that contradict each other or a rate. */
export function checkLimits(input: CheckInput): Finding[] {
  return [...refusedValues(input.context.profile, input.subject, input.values), ...contradictions(input)];
}

function contradictions({ context, subject, settings }: CheckInput): Finding[] {
  const { setLeast_spm, setGreatest_spm, limits } = settings;
  if (setLeast_spm !== null && setGreatest_spm !== null && setLeast_spm > setGreatest_spm) {
    return [
      finding(
        'ANY-10.limits',
        subject,
        { least: fig('strokeRate', setLeast_spm), greatest: fig('strokeRate', setGreatest_spm) },
        addressesOf(context, 'rate.least', 'rate.greatest'),
      ),
    ];
  }
  const manual = settings.mode === 'manual' ? settings.manual_spm : null;
  const top = settings.mode === 'analog' && settings.map ? Math.max(settings.map.y1, settings.map.y2) : null;
  const found: Finding[] = [];
  const outside = (what: string, value: number, role: 'rate.manual' | 'signal.y2') =>
    finding(
      'ANY-10.outside',
      subject,
      {
        what,
        value: fig('strokeRate', value),
        least: fig('strokeRate', limits.least_spm),
        greatest: fig('strokeRate', limits.greatest_spm),
      },
      addressesOf(context, role),
    );
  if (manual !== null && (manual > limits.greatest_spm || manual < limits.least_spm)) {
    found.push(outside('The manual rate', manual, 'rate.manual'));
  }
  // a point above the gear itself is MET-04; here only a limit that someone set
  if (top !== null && setGreatest_spm !== null && top > setGreatest_spm) {
    found.push(outside('The rate at full signal', top, 'signal.y2'));
  }
  return found;
}
