import {
  addressOf,
  faultOf,
  inOrderOfWork,
  wordsFor,
  type Parameter,
  type Profile,
  type SettingValues,
  type ValueFault,
} from '../profile';
import type { Finding, Subject } from './finding';
import { anyFinding } from './make';

/** ANY-09: values that this controller would refuse. */
export function refusedValues(profile: Profile, subject: Subject, values: SettingValues): Finding[] {
  return inOrderOfWork(profile).flatMap((parameter) => {
    const value = values[parameter.key];
    if (value === undefined) return [];
    const fault = faultOf(parameter, value, values);
    if (!fault) return [];
    return [
      anyFinding(
        textFor(fault),
        subject,
        {
          parameter: parameter.label,
          value: withUnit(parameter, wordsFor(parameter, value)),
          limit: withUnit(parameter, limitIn(parameter, fault)),
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

function limitIn(parameter: Parameter, fault: ValueFault): string {
  const words = (value: number) => wordsFor(parameter, value);
  switch (fault.kind) {
    case 'below':
      return words(fault.min);
    case 'above':
      return words(fault.max);
    case 'off-step':
      return words(fault.nearest);
    default:
      return '';
  }
}

function withUnit(parameter: Parameter, words: string): string {
  return parameter.unit && parameter.unit !== '-' ? `${words} ${parameter.unit}` : words;
}
