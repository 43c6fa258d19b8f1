import { fieldsPlace, time, type Texts } from '@barythm/core/describe';
import type { KeyStep, Limit, Parameter, ParameterOption, Predicate } from '@barythm/core/profile';
import { pressTyped } from './menu-fields';
import { RECORDED_ONLY } from './offered';
import { REACH_FIELDS } from './reach-fields';

/** A parameter of a profile as it is typed. */
export function parameterTexts(parameter: Parameter): Texts {
  const { least, greatest, appliesWhen } = parameter;
  const conditions = conditionsOf(appliesWhen);
  const by = byOf(greatest) ?? byOf(least);
  const isTime = parameter.type === 'time';
  const isDays = parameter.type === 'days';
  const end = (limit: Limit | undefined) =>
    isTime && typeof limit === 'number' ? timeText(limit) : plain(limit);
  const delivered = parameter.default;
  const hasOptions = !isDays && (parameter.options ?? []).length > 0;
  return {
    key: parameter.key,
    label: parameter.label,
    role: parameter.role ?? RECORDED_ONLY,
    type: parameter.type,
    group: parameter.group,
    unit: parameter.unit ?? '',
    least: end(least),
    greatest: end(greatest),
    limitBy: by ?? '',
    limits: by === undefined ? [] : limitRows(least, greatest),
    step: figure(parameter.step),
    options: isDays ? [] : (parameter.options ?? []).map(optionRow),
    dayGroups: isDays ? (parameter.options ?? []).map(({ value, label }) => ({ days: value, label })) : [],
    longest: figure(parameter.longest),
    seen: parameter.seen ?? '',
    fixed: parameter.fixed ? 'yes' : 'no',
    expects: expectRows(parameter.expects) ?? [],
    // what the form has no rows for is kept as it came
    expecting:
      parameter.expects && expectRows(parameter.expects) === null ? JSON.stringify(parameter.expects) : '',
    panel: parameter.panel ?? '',
    ...reachTexts(parameter),
    default:
      delivered === undefined || (hasOptions && typeof delivered === 'string')
        ? ''
        : isTime && typeof delivered === 'number'
          ? timeText(delivered)
          : String(delivered),
    defaultOption: hasOptions && typeof delivered === 'string' ? delivered : '',
    route: parameter.route.map(routeRow),
    readAt: figure(parameter.readAt),
    storedBy: parameter.storedBy,
    entry: parameter.entry,
    enterWhen: parameter.enterWhen,
    changedBy: parameter.changedBy,
    needsRestart: parameter.needsRestart ? 'yes' : 'no',
    caution: parameter.caution ?? '',
    page: parameter.page ?? '',
    appliesWhen: conditions ?? [],
    // what the form has no rows for is kept as it came
    condition: appliesWhen && conditions === null ? JSON.stringify(appliesWhen) : '',
    rewrites: (parameter.rewrites ?? []).join('\n'),
  };
}

/** A time of day from its minutes; the end of the day as 24:00. */
const timeText = (minutes: number) => String(time.write(minutes));
const figure = (value: number | undefined) => (value === undefined ? '' : String(value));
const plain = (limit: Limit | undefined) => (typeof limit === 'number' ? String(limit) : '');
const byOf = (limit: Limit | undefined) => (typeof limit === 'object' ? limit.by : undefined);

function limitRows(least: Limit | undefined, greatest: Limit | undefined): Texts[] {
  const values = (limit: Limit | undefined) => (typeof limit === 'object' ? limit.values : {});
  const [low, high] = [values(least), values(greatest)];
  return [...new Set([...Object.keys(low), ...Object.keys(high)])].map((when) => ({
    when,
    least: figure(low[when]),
    greatest: figure(high[when]),
  }));
}

function optionRow({ value, label, role = '', also = {} }: ParameterOption): Texts {
  return {
    value,
    label,
    role,
    also: Object.entries(also).map(([besides, means]) =>
      typeof means === 'string'
        ? { role: besides, means, figure: '' }
        : { role: besides, means: '', figure: String(means) },
    ),
  };
}

/** What it must show as rows; null where one hangs on more than one setting. */
function expectRows(expects: Parameter['expects'] = []): Texts[] | null {
  const rows = expects.map(({ value, when }) =>
    'parameter' in when ? { value, parameter: when.parameter, in: when.in.join(',') } : null,
  );
  return rows.some((row) => row === null) ? null : rows.flatMap((row) => row ?? []);
}

const REACH = fieldsPlace(REACH_FIELDS);

/** What opens it, how its keys change it, and other panels. */
const reachTexts = ({ opensBy, dial, panel, alsoAt, relearns }: Parameter): Record<string, Texts> =>
  REACH.write({ opensBy, dial, panel, alsoAt, relearns }) as Record<string, Texts>;

function routeRow({ key, times, shows, seconds, digits, next = '', press }: KeyStep): Texts {
  return {
    key,
    press: pressTyped({ press, digits }),
    times: times === 'place' ? '1' : String(times),
    place: times === 'place' ? 'yes' : 'no',
    shows: shows ?? '',
    seconds: figure(seconds),
    digits: digits ?? '',
    next,
  };
}

/** A condition as rows that must all be so; null for one that no rows can say. */
function conditionsOf(predicate: Predicate | undefined): Texts[] | null {
  if (predicate === undefined) return [];
  if ('parameter' in predicate) return [{ parameter: predicate.parameter, in: predicate.in.join(',') }];
  if (!('all' in predicate)) return null;
  const rows = predicate.all.map((one) => ('parameter' in one ? conditionsOf(one) : null));
  return rows.some((row) => row === null) ? null : rows.flatMap((row) => row ?? []);
}
