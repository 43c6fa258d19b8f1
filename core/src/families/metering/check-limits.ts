import type { Finding } from '../../findings';
import { addressOf, faultOf, inOrderOfWork, wordsFor, type Parameter, type ValueFault } from '../../profile';
import { fig } from '../../units';
import { addressesOf } from './address';
import type { CheckInput } from './checks';
import { finding } from './finding';

/** ANY-09: values this controller would refuse. ANY-10: limits that contradict each other or a rate. */
export function checkLimits(input: CheckInput): Finding[] {
  return [...refusedValues(input), ...contradictions(input)];
}

function refusedValues({ context, subject, values }: CheckInput): Finding[] {
  return inOrderOfWork(context.profile).flatMap((parameter) => {
    const value = values[parameter.key];
    if (value === undefined) return [];
    const fault = faultOf(parameter, value, values);
    if (!fault) return [];
    return [
      finding(
        textFor(fault),
        subject,
        {
          parameter: parameter.label,
          value: withUnit(parameter, wordsFor(parameter, value)),
          limit: withUnit(parameter, limitIn(fault)),
        },
        [addressOf(parameter)],
      ),
    ];
  });
}

function textFor(fault: ValueFault) {
  switch (fault.kind) {
    case 'below':
      return 'ANY-09.below';
    case 'above':
      return 'ANY-09.above';
    case 'off-step':
      return 'ANY-09.step';
    default:
      return 'ANY-09.option';
  }
}

function limitIn(fault: ValueFault): string {
  switch (fault.kind) {
    case 'below':
      return String(fault.least);
    case 'above':
      return String(fault.greatest);
    case 'off-step':
      return String(fault.nearest);
    default:
      return '';
  }
}

function withUnit(parameter: Parameter, words: string): string {
  return parameter.unit && parameter.unit !== '-' ? `${words} ${parameter.unit}` : words;
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
