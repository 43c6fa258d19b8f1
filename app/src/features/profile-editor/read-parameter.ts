import { fieldsPlace, type Texts, textAt } from '@barythm/core/describe';
import { optionRolesOf, rolesOfFamily, roleUnitFault, type FamilyName } from '@barythm/core/families';
import type { Parameter } from '@barythm/core/profile';
import { minuteOfDay } from '@barythm/core/time';
import { stepRead } from './menu-fields';
import { PARAMETER_FIELDS } from './parameter-fields';
import { publishedNames } from './names';

/** Names of a draft as they are published, by what each is known by while it is typed. */
export interface Published {
  readonly parameters: ReadonlyMap<string, string>;
  readonly groups: ReadonlyMap<string, string>;
  readonly panels: ReadonlyMap<string, string>;
  /** of the options of a parameter, by what the parameter is known by */
  readonly options: ReadonlyMap<string, ReadonlyMap<string, string>>;
}

/** The published names of everything in a draft. */
export function publishedIn(
  groups: readonly Texts[],
  parameters: readonly Texts[],
  panels: readonly Texts[] = [],
): Published {
  return {
    panels: publishedNames(panels, 'key'),
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

/** What a choice settles besides: a meaning, or a figure. */
interface Besides {
  readonly role?: string;
  readonly means?: string;
  readonly figure?: number;
}

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
  readonly options?: readonly {
    readonly value: string;
    readonly label?: string;
    readonly role?: string;
    readonly also?: readonly Besides[];
  }[];
  readonly default?: string;
  readonly defaultOption?: string;
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
  readonly dayGroups?: readonly { readonly days: string; readonly label?: string }[];
  readonly expects?: readonly {
    readonly value?: string;
    readonly parameter?: string;
    readonly in: readonly string[];
  }[];
  readonly expecting?: string;
  readonly seen?: string;
  readonly panel?: string;
  readonly alsoAt?: readonly { readonly panel?: string; readonly [part: string]: unknown }[];
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
  const { limitBy, limits = [], condition, appliesWhen, options, rewrites, defaultOption, ...more } = read;
  const { dayGroups, expects = [], expecting = '', panel, alsoAt, ...rest } = more;
  const { role } = read;
  if (role !== undefined && !rolesOfFamily(family).includes(role))
    tell(`${path}.role`, 'This is no meaning of such a controller. Choose another.');
  const unit = roleUnitFault(family, read as unknown as Parameter);
  if (unit) tell(`${path}.unit`, unit);
  const mayMean = role === undefined ? [] : optionRolesOf(family, role);
  options?.forEach((option, i) => {
    option.also?.forEach(({ role: settles, means, figure }, k) => {
      if (settles !== undefined && means === undefined && figure === undefined)
        tell(`${path}.options.${i}.also.${k}.role`, 'Say as what it settles that, or remove it.');
    });
    // of a parameter that is only recorded they are not asked, and come back with its meaning
    if (option.role !== undefined && mayMean.length > 0 && !mayMean.includes(option.role))
      tell(`${path}.options.${i}.role`, 'This is no meaning of such a choice. Choose another.');
  });
  /** What something refers to, by its published name; undefined for what is gone, which is told where it is referred to. */
  const named = (known: ReadonlyMap<string, string> | undefined, one: string, at: string, what: string) => {
    const name = known?.get(one);
    if (name === undefined) tell(`${path}.${at}`, `That ${what} is gone. Choose again.`);
    return name;
  };
  const setting = (key: string, at: string) => named(names.parameters, key, at, 'setting');
  const choice = (key: string, value: string, at: string) =>
    named(names.options.get(key), value, at, 'choice');
  const by = limitBy === undefined ? undefined : setting(limitBy, 'limitBy');
  const limit = (end: 'least' | 'greatest') => {
    const values = limits.flatMap(({ when, [end]: figure }, i) => {
      const name =
        when === undefined || by === undefined ? undefined : choice(limitBy ?? '', when, `limits.${i}.when`);
      return name === undefined || figure === undefined ? [] : [[name, figure] as const];
    });
    return by === undefined || values.length === 0 ? read[end] : { by, values: Object.fromEntries(values) };
  };
  const conditions = appliesWhen.flatMap(({ parameter, in: values }, i) => {
    const at = `appliesWhen.${i}`;
    const name = parameter === undefined ? undefined : setting(parameter, `${at}.parameter`);
    if (parameter === undefined || name === undefined) return [];
    if (values.length === 0) tell(`${path}.${at}.in`, 'Choose at least one.');
    const still = values.flatMap((value) => choice(parameter, value, `${at}.in`) ?? []);
    return still.length === 0 ? [] : [{ parameter: name, in: still }];
  });
  const at = (key: string, place: string) => named(names.panels, key, place, 'panel');
  const expected = expects.flatMap(({ value, parameter, in: values }, i) => {
    const place = `expects.${i}`;
    if (value === undefined || parameter === undefined) return [];
    if (values.length === 0) tell(`${path}.${place}.in`, 'Choose at least one.');
    const look = choice(read.key, value, `${place}.value`);
    const name = setting(parameter, `${place}.parameter`);
    // a figure has no choices of its own: it is named as it stands
    const isFigure = (names.options.get(parameter)?.size ?? 0) === 0;
    const still = isFigure ? values : values.flatMap((one) => choice(parameter, one, `${place}.in`) ?? []);
    return look === undefined || name === undefined || still.length === 0
      ? []
      : [{ value: look, when: { parameter: name, in: still } }];
  });
  return dropEmpty({
    ...rest,
    key: names.parameters.get(read.key) ?? read.key,
    group: read.group === '' ? '' : named(names.groups, read.group, 'group', 'menu'),
    // a choice has no figures, whatever was typed before it was one
    least: limit('least'),
    greatest: limit('greatest'),
    default:
      defaultOption === undefined
        ? figureOf(read, (words) => tell(`${path}.default`, words))
        : choice(read.key, defaultOption, 'defaultOption'),
    options:
      options === undefined || (options.length === 0 && read.type !== 'choice')
        ? undefined
        : options.map(({ value, role: means, also = [], ...option }) =>
            dropEmpty({
              ...option,
              value: names.options.get(read.key)?.get(value) ?? value,
              role: mayMean.length > 0 ? means : undefined,
              also: also.length === 0 ? undefined : besides(also),
            }),
          ),
    route: read.route.map(({ place, times, ...step }) =>
      dropEmpty({ ...stepRead(step), times: place ? 'place' : times }),
    ),
    appliesWhen:
      condition !== ''
        ? (JSON.parse(condition) as object)
        : conditions.length > 1
          ? { all: conditions }
          : conditions[0],
    ...(dayGroups && { options: dayGroups.map(({ days, label }) => ({ value: days, label })) }),
    expects:
      expecting !== '' && read.seen !== undefined && read.type === 'choice'
        ? (JSON.parse(expecting) as object)
        : expected.length === 0
          ? undefined
          : expected,
    panel: panel === undefined ? undefined : at(panel, 'panel'),
    alsoAt: alsoAt?.map((one, i) => ({
      ...one,
      panel: one.panel === undefined ? undefined : at(one.panel, `alsoAt.${i}.panel`),
    })),
    rewrites: rewrites?.flatMap((key) => setting(key, 'rewrites') ?? []),
  });
}

/** What a choice settles besides, by the other meaning. */
const besides = (also: readonly Besides[]) =>
  Object.fromEntries(
    also.flatMap(({ role, means, figure }) => {
      const settled = means ?? figure;
      return role === undefined || settled === undefined ? [] : [[role, settled]];
    }),
  );

/** What a figure, a time or days are as delivered. */
function figureOf({ default: typed, type }: Row, tell: (words: string) => void): number | string | undefined {
  if (typed === undefined) return undefined;
  const figure = type === 'time' ? minuteOfDay(typed) : Number(typed.replace(',', '.'));
  if (type === 'days' || type === 'text') return typed;
  if (figure !== null && Number.isFinite(figure)) return figure;
  tell(type === 'time' ? `“${typed}” is no time of day. Type it as 7:30.` : `“${typed}” is not a figure.`);
  return undefined;
}

function dropEmpty(value: object): object {
  return Object.fromEntries(Object.entries(value).filter(([, part]) => part !== undefined));
}
