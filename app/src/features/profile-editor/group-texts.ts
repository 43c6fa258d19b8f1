import type { Texts } from '@barythm/core/describe';
import type { ParameterGroup } from '@barythm/core/profile';

/** A menu or group as it is typed. */
export function groupTexts({ key, label, repeat }: ParameterGroup): Texts {
  return {
    key,
    label,
    repeat: {
      on: repeat ? 'yes' : 'no',
      count: repeat ? String(repeat.count) : '',
      noun: repeat?.noun ?? '',
      names: (repeat?.names ?? []).join('\n'),
      by: repeat?.by ?? '',
    },
  };
}
