import { isOptionRole, roleUnitFault, rolesOfFamily, type AnyProfile } from '@barythm/core/families';
import type { Parameter } from '@barythm/core/profile';
import { linesOf } from './lines-of';
import type { ParameterTexts } from './parameter-texts';

/** Reads the texts of a parameter, unchecked by the schema; what cannot be read is said at its field under `place`. */
export function readParameter(
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
