import type { Parameter } from '@barythm/core/profile';

/** A parameter as it is typed. Lists and limits are lines of text, each with its own small form. */
export interface ParameterTexts {
  readonly key: string;
  readonly role: string;
  readonly label: string;
  readonly group: string;
  readonly type: Parameter['type'];
  readonly unit: string;
  /** a figure, or “by gear: A=48, B=96” */
  readonly least: string;
  readonly greatest: string;
  readonly step: string;
  readonly default: string;
  /** a line each: value | label | role */
  readonly options: string;
  readonly changedBy: Parameter['changedBy'];
  readonly enterWhen: Parameter['enterWhen'];
  readonly needsRestart: boolean;
  readonly entry: Parameter['entry'];
  readonly storedBy: string;
  /** a line each: key | press | times | shows */
  readonly route: string;
  readonly caution: string;
  /** “mode: ext, man”: applies while that parameter has one of these values */
  readonly appliesWhen: string;
  /** keys of what a change of it puts back, with commas between them */
  readonly rewrites: string;
}

export const BLANK_PARAMETER: ParameterTexts = {
  key: '',
  role: '',
  label: '',
  group: '',
  type: 'number',
  unit: '',
  least: '',
  greatest: '',
  step: '',
  default: '',
  options: '',
  changedBy: 'technician',
  enterWhen: 'stopped',
  needsRestart: false,
  entry: 'up-and-down',
  storedBy: '',
  route: '',
  caution: '',
  appliesWhen: '',
  rewrites: '',
};

/** A parameter as texts to go on from. */
export function parameterTexts(parameter: Parameter): ParameterTexts {
  const { appliesWhen } = parameter;
  return {
    ...BLANK_PARAMETER,
    key: parameter.key,
    role: parameter.role ?? '',
    label: parameter.label,
    group: parameter.group,
    type: parameter.type,
    unit: parameter.unit ?? '',
    least: limitText(parameter.least),
    greatest: limitText(parameter.greatest),
    step: parameter.step === undefined ? '' : String(parameter.step),
    default: parameter.default === undefined ? '' : String(parameter.default),
    options: (parameter.options ?? [])
      .map(({ value, label, role }) => [value, label, ...(role ? [role] : [])].join(' | '))
      .join('\n'),
    changedBy: parameter.changedBy,
    enterWhen: parameter.enterWhen,
    needsRestart: parameter.needsRestart,
    entry: parameter.entry,
    storedBy: parameter.storedBy,
    route: parameter.route
      .map(({ key, press, times, shows }) =>
        [key, press, String(times), ...(shows ? [shows] : [])].join(' | '),
      )
      .join('\n'),
    caution: parameter.caution ?? '',
    appliesWhen:
      appliesWhen && 'parameter' in appliesWhen
        ? `${appliesWhen.parameter}: ${appliesWhen.in.join(', ')}`
        : '',
    rewrites: (parameter.rewrites ?? []).join(', '),
  };
}

function limitText(limit: Parameter['least']): string {
  if (limit === undefined) return '';
  if (typeof limit === 'number') return String(limit);
  const values = Object.entries(limit.values).map(([value, figure]) => `${value}=${figure}`);
  return `by ${limit.by}: ${values.join(', ')}`;
}
