import { fieldsPlace, type Texts, textAt } from '@barythm/core/describe';
import { isOptionRole, rolesOfFamily, roleUnitFault, type FamilyName } from '@barythm/core/families';
import type { Parameter } from '@barythm/core/profile';
import { minuteOfDay } from '@barythm/core/time';
import { PARAMETER_FIELDS } from './parameter-fields';
import { publishedNames } from './names';

/** Names of a draft as they are published, by what each is known by while it is typed. */
export interface Published {
  readonly parameters: ReadonlyMap<string, string>;
  readonly groups: ReadonlyMap<string, string>;
  /** of the options of a parameter, by what the parameter is known by */
  readonly options: ReadonlyMap<string, ReadonlyMap<string, string>>;
}

/** The published names of everything in a draft. */
export function publishedIn(groups: readonly Texts[], parameters: readonly Texts[]): Published {
  return {
    groups: publishedNames(groups, 'key'),
    parameters: publishedNames(parameters, 'key'),
    options: new Map(
      parameters.map((row) => [
        String(textAt(row, 'key') ?? ''),
        publishedNames((textAt(row, 'options') ?? []) as readonly Texts[], 'value'),
      ]),
    ),
  };
}

const PLACE = fieldsPlace(PARAMETER_FIELDS);

interface Row {
  readonly key: string;
  readonly role?: string;
  readonly label?: string;
  readonly type?: string;
  readonly group: string;
  readonly unit?: string;
  readonly least?: number;
  readonly greatest?: number;
  readonly limitBy?: string;
  readonly limits?: readonly {
    readonly when?: string;
    readonly least?: number;
    readonly greatest?: number;
  }[];
  readonly step?: number;
  readonly options?: readonly { readonly value: string; readonly label?: string; readonly role?: string }[];
  readonly default?: string;
  readonly route: readonly {
    readonly key?: string;
    readonly press?: string;
    readonly times?: number;
    readonly place?: boolean;
    readonly shows?: string;
  }[];
  readonly appliesWhen: readonly { readonly parameter?: string; readonly in: readonly string[] }[];
  readonly condition: string;
  readonly rewrites?: readonly string[];
}

/** Reads a parameter, unchecked by the schema; what cannot be read is told at its path under `path`. */
export function readParameter(
  family: FamilyName,
  texts: Texts,
  path: string,
  names: Published,
  tell: (path: string, words: string) => void,
): object {
  const read = PLACE.read(texts, path, tell) as Row;
  const { limitBy, limits = [], condition, appliesWhen, options, rewrites, ...rest } = read;
  const { role } = read;
  if (role !== undefined && !rolesOfFamily(family).includes(role))
    tell(`${path}.role`, 'This is no meaning of such a controller. Choose another.');
  const unit = roleUnitFault(family, { ...read, type: read.type } as unknown as Parameter);
  if (unit) tell(`${path}.unit`, unit);
  options?.forEach((option, i) => {
    if (option.role !== undefined && !isOptionRole(family, option.role))
      tell(`${path}.options.${i}.role`, 'This is no meaning of such a choice. Choose another.');
  });
  const optionsOf = (key: string) => names.options.get(key) ?? new Map<string, string>();
  const optionNamed = (key: string, value: string) => optionsOf(key).get(value) ?? value;
  const parameterNamed = (key: string) => names.parameters.get(key) ?? key;
  const limit = (end: 'least' | 'greatest') => {
    const values = limits.flatMap(({ when, [end]: figure }) =>
      when === undefined || figure === undefined ? [] : [[optionNamed(limitBy ?? '', when), figure] as const],
    );
    return limitBy === undefined || values.length === 0
      ? read[end]
      : { by: parameterNamed(limitBy), values: Object.fromEntries(values) };
  };
  const conditions = appliesWhen.flatMap(({ parameter, in: values }, i) => {
    if (parameter === undefined) return [];
    if (values.length === 0) tell(`${path}.appliesWhen.${i}.in`, 'Choose at least one.');
    return [
      { parameter: parameterNamed(parameter), in: values.map((value) => optionNamed(parameter, value)) },
    ];
  });
  return dropEmpty({
    ...rest,
    key: parameterNamed(read.key),
    group: names.groups.get(read.group) ?? read.group,
    // a choice has no figures, whatever was typed before it was one
    least: limit('least'),
    greatest: limit('greatest'),
    default: defaultOf(
      read,
      (value) => optionNamed(read.key, value),
      (words) => tell(`${path}.default`, words),
    ),
    options:
      options === undefined || (options.length === 0 && read.type !== 'choice')
        ? undefined
        : options.map(({ value, ...option }) =>
            dropEmpty({ value: optionNamed(read.key, value), ...option }),
          ),
    route: read.route.map(({ place, times, ...step }) =>
      dropEmpty({ ...step, times: place ? 'place' : times }),
    ),
    appliesWhen:
      condition !== ''
        ? (JSON.parse(condition) as object)
        : conditions.length > 1
          ? { all: conditions }
          : conditions[0],
    rewrites: rewrites?.map(parameterNamed),
  });
}

function defaultOf(
  { default: typed, type }: Row,
  named: (value: string) => string,
  tell: (words: string) => void,
): number | string | undefined {
  if (typed === undefined) return undefined;
  const figure = Number(typed.replace(',', '.'));
  if (type === 'number') {
    if (Number.isFinite(figure)) return figure;
    tell(`“${typed}” is not a figure.`);
    return undefined;
  }
  return (type === 'time' ? minuteOfDay(typed) : null) ?? named(typed);
}

function dropEmpty(value: object): object {
  return Object.fromEntries(Object.entries(value).filter(([, part]) => part !== undefined));
}
