import {
  isOptionRole,
  profileSchema,
  rolesOfFamily,
  roleUnitFault,
  type AnyProfile,
  type FamilyName,
} from '@barythm/core/families';
import type { Parameter } from '@barythm/core/profile';
import type { ProfileErrors } from '../../families/family-screens';
import { screensOf } from '../../families/registry';
import type { Form } from '../../form/form';
import { textsOver, type Texts } from '../../form/texts';

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

export interface ProfileDraft {
  readonly id: string;
  readonly version: string;
  readonly name: string;
  readonly about: string;
  readonly family: AnyProfile['family'];
  /** a line each: key | label, in the order of work; a repeating one: key | label | 10 × Program */
  readonly groups: string;
  readonly parameters: readonly ParameterTexts[];
  /** as they are typed, of each family that was looked at: another choice loses nothing */
  readonly habits: Readonly<Partial<Record<FamilyName, Texts>>>;
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

/** The habits of the family that is described, as they are typed so far. */
export function habitsOf({ family, habits }: ProfileDraft): Texts {
  const { form } = screensOf(family).describe;
  const typed = habits[family];
  return typed === undefined ? form.blank : textsOver(form.blank, form.broughtUp(typed));
}

/** A draft that was kept on the device when each family’s habits had a field of their own. */
interface EarlierDraft extends Omit<ProfileDraft, 'habits'> {
  readonly behaviours: Texts;
  readonly poolBehaviours: Texts;
}

/** A kept draft in today’s form: what was typed before stays. */
export function broughtUp(kept: ProfileDraft | EarlierDraft): ProfileDraft {
  if ('habits' in kept) return kept;
  const { behaviours, poolBehaviours, ...rest } = kept;
  return { ...rest, habits: { metering: behaviours, pool: poolBehaviours } };
}

function groupLine({ key, label, repeat }: AnyProfile['groups'][number]): string {
  if (!repeat) return `${key} | ${label}`;
  const names = repeat.names ? ` | ${repeat.names.join(', ')}` : '';
  return `${key} | ${label} | ${repeat.count} × ${repeat.noun}${names}`;
}

const REPEAT = /^(\d+)\s*[×x]\s*(.+)$/;

function readGroup([key, label, times, names]: string[], errors: Record<string, string>) {
  const group = { key, label: label ?? key };
  if (!times) return group;
  const found = REPEAT.exec(times);
  if (!found) {
    errors.groups ??= `“${times}” does not say how often it stands: 10 × Program`;
    return group;
  }
  const listed = names?.split(',').map((name) => name.trim());
  return {
    ...group,
    repeat: { count: Number(found[1]), noun: found[2], ...(listed ? { names: listed } : {}) },
  };
}

/** A profile as texts to go on from. */
export function draftOf(profile: AnyProfile): ProfileDraft {
  return {
    id: profile.id,
    version: String(profile.version),
    name: profile.name,
    about: profile.about,
    family: profile.family,
    groups: profile.groups.map(groupLine).join('\n'),
    parameters: profile.parameters.map(parameterTexts),
    habits: { [profile.family]: screensOf(profile.family).describe.form.write(profile.behaviours) },
  };
}

function parameterTexts(parameter: Parameter): ParameterTexts {
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

/** Reads the texts as a profile; what is wrong is said at the place where it was typed. */
export function profileOf(draft: ProfileDraft): { profile: AnyProfile | null; errors: ProfileErrors } {
  const errors: Record<string, string> = {};
  const { form } = screensOf(draft.family).describe;
  const habits = habitsOf(draft);
  const candidate = {
    format: 'barythm-profile',
    formatVersion: 1,
    id: draft.id.trim(),
    version: /^\d+$/.test(draft.version.trim()) ? Number(draft.version) : NaN,
    name: draft.name.trim(),
    about: draft.about.trim(),
    family: draft.family,
    groups: linesOf(draft.groups).map((parts) => readGroup(parts, errors)),
    parameters: draft.parameters.map((texts, i) =>
      readParameter(texts, `parameters.${i}`, draft.family, errors),
    ),
    behaviours: form.understand(habits, (path, words) => {
      errors[`behaviours.${path}`] ??= words;
    }),
  };
  const parsed = profileSchema.safeParse(candidate);
  if (!parsed.success) {
    for (const issue of parsed.error.issues)
      errors[placeOf(issue.path, form, habits)] ??= wordsOf(issue, form);
  }
  const profile = parsed.success && Object.keys(errors).length === 0 ? parsed.data : null;
  return { profile, errors };
}

const PLAIN: Readonly<Record<string, string>> = {
  id: 'Lower-case letters, digits and dashes, beginning with a letter.',
  version: 'A whole number from 1 up.',
  name: 'The profile needs a name.',
  groups: 'At least one group: key | label.',
  parameters: 'At least one parameter.',
};

function wordsOf(
  issue: { code: string; path: PropertyKey[]; message: string },
  form: Pick<Form<never>, 'wordsFor'>,
): string {
  const [first, , field] = issue.path.map(String);
  if (first === 'behaviours') {
    const own = form.wordsFor(issue.code);
    if (own !== null) return own;
  }
  if (issue.path.length === 1 && PLAIN[first]) return PLAIN[first];
  const text = field === 'label' || field === 'storedBy' || field === 'group';
  if (text && issue.code === 'too_small') return 'This is needed.';
  return issue.message;
}

/** Where in the form a path of the schema is typed. */
function placeOf(path: PropertyKey[], form: Pick<Form<never>, 'typedAt'>, habits: Texts): string {
  const [first, second, third] = path.map(String);
  if (first === 'parameters' && second !== undefined) return `parameters.${second}.${third ?? 'key'}`;
  if (first === 'behaviours')
    return `behaviours.${form.typedAt(path.slice(1).map(String).join('.'), habits)}`;
  return first;
}

/** Lines of a text, each parted by upright strokes. */
function linesOf(text: string): string[][] {
  return text
    .split('\n')
    .map((line) => line.split('|').map((part) => part.trim()))
    .filter((parts) => parts.some((part) => part !== ''));
}

function readParameter(
  texts: ParameterTexts,
  place: string,
  family: AnyProfile['family'],
  errors: Record<string, string>,
) {
  const fail = (field: keyof ParameterTexts, words: string) => {
    errors[`${place}.${field}`] ??= words;
  };
  const number = (field: 'step'): number | undefined => {
    if (texts[field].trim() === '') return undefined;
    const value = Number(texts[field].replace(',', '.'));
    if (!Number.isFinite(value)) fail(field, `“${texts[field]}” is not a figure.`);
    return value;
  };
  if (texts.role !== '' && !rolesOfFamily(family).includes(texts.role)) {
    fail('role', `“${texts.role}” is no meaning of a ${family} pump.`);
  }
  const figures = texts.type === 'number' || texts.type === 'time';
  if (texts.type === 'number' && texts.role !== '') {
    const wrong = roleUnitFault(family, {
      role: texts.role,
      type: 'number',
      unit: texts.unit.trim(),
    } as Parameter);
    if (wrong) fail('unit', wrong);
  }
  return dropEmpty({
    key: texts.key.trim(),
    role: texts.role || undefined,
    label: texts.label.trim(),
    group: texts.group.trim(),
    type: texts.type,
    unit: texts.type === 'number' ? texts.unit.trim() || undefined : undefined,
    least: figures ? readLimit(texts.least, (words) => fail('least', words)) : undefined,
    greatest: figures ? readLimit(texts.greatest, (words) => fail('greatest', words)) : undefined,
    step: figures ? number('step') : undefined,
    default: readDefault(texts),
    options:
      texts.options.trim() === '' && texts.type !== 'choice' ? undefined : readOptions(texts, family, fail),
    changedBy: texts.changedBy,
    enterWhen: texts.enterWhen,
    needsRestart: texts.needsRestart,
    entry: texts.entry,
    storedBy: texts.storedBy.trim(),
    route: readRoute(texts, fail),
    appliesWhen: readApplies(texts, fail),
    rewrites: keysIn(texts.rewrites),
    caution: texts.caution.trim() || undefined,
  });
}

function dropEmpty<T extends object>(value: T): T {
  return Object.fromEntries(Object.entries(value).filter(([, part]) => part !== undefined)) as T;
}

/** Keys with commas between them; a draft that was kept before there were any has none. */
function keysIn(typed: string | undefined): string[] | undefined {
  const keys = (typed ?? '')
    .split(',')
    .map((key) => key.trim())
    .filter((key) => key !== '');
  return keys.length === 0 ? undefined : keys;
}

function readDefault({ default: typed, type }: ParameterTexts): number | string | undefined {
  if (typed.trim() === '') return undefined;
  const figure = Number(typed.replace(',', '.'));
  const asFigure = type === 'number' || (type === 'time' && Number.isFinite(figure));
  return asFigure ? figure : typed.trim();
}

const BY = /^by\s+([\w.-]+)\s*:\s*(.+)$/;

function readLimit(typed: string, fail: (words: string) => void) {
  const text = typed.trim();
  if (text === '') return undefined;
  const figure = Number(text.replace(',', '.'));
  if (Number.isFinite(figure)) return figure;
  const by = BY.exec(text);
  const pairs = by?.[2].split(',').map((pair) => pair.split('=').map((part) => part.trim()));
  if (!by || !pairs?.every(([value, limit]) => value && limit && Number.isFinite(Number(limit)))) {
    fail('A figure, or by another parameter: by gear: A=48, B=96');
    return undefined;
  }
  return { by: by[1], values: Object.fromEntries(pairs.map(([value, limit]) => [value, Number(limit)])) };
}

type Fail = (field: keyof ParameterTexts, words: string) => void;

function readOptions({ options }: ParameterTexts, family: AnyProfile['family'], fail: Fail) {
  return linesOf(options).map(([value, label, role]) => {
    if (role && !isOptionRole(family, role)) {
      fail('options', `“${role}” is no meaning of a choice.`);
    }
    return dropEmpty({ value, label: label || value, role: role || undefined });
  });
}

function readRoute({ route }: ParameterTexts, fail: Fail) {
  return linesOf(route).map(([key, press, times, shows]) => {
    const way = press || 'short';
    if (!['short', 'hold', 'turn'].includes(way)) {
      fail('route', `“${way}” is no way of pressing: short, hold or turn.`);
    }
    const count = times === 'place' ? times : times ? Number(times) : 1;
    if (count !== 'place' && (!Number.isInteger(count) || count < 1))
      fail('route', `“${times}” is no number of presses.`);
    return dropEmpty({ key, press: way as 'short', times: count, shows: shows || undefined });
  });
}

function readApplies({ appliesWhen }: ParameterTexts, fail: Fail) {
  const text = appliesWhen.trim();
  if (text === '') return undefined;
  const [parameter, values] = text.split(':').map((part) => part.trim());
  if (!parameter || !values) {
    fail('appliesWhen', 'Another parameter and its values: mode: ext, man');
    return undefined;
  }
  return { parameter, in: values.split(',').map((value) => value.trim()) };
}
