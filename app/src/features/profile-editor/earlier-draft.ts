import type { Texts } from '@barythm/core/describe';
import type { FamilyName } from '@barythm/core/families';
import { RECORDED_ONLY } from './offered';
import type { ProfileDraft } from './profile-draft';

/** A draft that a device kept when groups, choices and keys were lines of text, and each family’s habits perhaps had a field of their own. */
interface EarlierDraft {
  readonly id: string;
  readonly version: string;
  readonly name: string;
  readonly about: string;
  readonly family: FamilyName;
  readonly groups: string;
  readonly parameters: readonly Readonly<Record<string, string | boolean>>[];
  readonly habits?: ProfileDraft['habits'];
  readonly behaviours?: Texts;
  readonly poolBehaviours?: Texts;
}

/** A kept draft in today’s form: what was typed before stays. */
export function broughtUp(kept: ProfileDraft | EarlierDraft): ProfileDraft {
  if (typeof kept.groups !== 'string') return kept as ProfileDraft;
  const { behaviours, poolBehaviours, habits, groups, parameters, version, ...rest } = kept as EarlierDraft;
  const number = Number(version);
  return {
    ...rest,
    version: Number.isInteger(number) && number > 0 ? number : 1,
    groups: linesOf(groups).map(groupRow),
    parameters: parameters.map(parameterRow),
    habits: habits ?? { metering: behaviours ?? {}, pool: poolBehaviours ?? {} },
  };
}

/** Lines of a text, each parted by upright strokes. */
function linesOf(text: string | boolean | undefined): string[][] {
  return String(text ?? '')
    .split('\n')
    .map((line) => line.split('|').map((part) => part.trim()))
    .filter((parts) => parts.some((part) => part !== ''));
}

/** key | label, or key | label | 10 × Program | names */
function groupRow([key, label = key, times = '', names = '']: string[]): Texts {
  const [, count = '', noun = ''] = /^(\d*)\s*[×x]?\s*(.*)$/.exec(times) ?? [];
  return {
    key,
    label,
    repeat: {
      on: times === '' ? 'no' : 'yes',
      count,
      noun,
      names: names
        .split(',')
        .map((name) => name.trim())
        .join('\n'),
    },
  };
}

function parameterRow(typed: Readonly<Record<string, string | boolean>>): Texts {
  const text = (key: string) => String(typed[key] ?? '');
  const [least, greatest] = [limitOf(text('least')), limitOf(text('greatest'))];
  const whens = [...new Set([...Object.keys(least.values), ...Object.keys(greatest.values)])];
  const [parameter = '', values = ''] = text('appliesWhen').split(':');
  const words = [
    'key',
    'label',
    'type',
    'group',
    'unit',
    'step',
    'default',
    'storedBy',
    'entry',
    'enterWhen',
  ];
  const ofChoice = text('type') === 'choice';
  return {
    ...Object.fromEntries([...words, 'changedBy', 'caution'].map((key) => [key, text(key)])),
    role: text('role') || RECORDED_ONLY,
    default: ofChoice ? '' : text('default'),
    defaultOption: ofChoice ? text('default') : '',
    least: least.plain,
    greatest: greatest.plain,
    limitBy: greatest.by || least.by,
    limits: whens.map((when) => ({
      when,
      least: least.values[when] ?? '',
      greatest: greatest.values[when] ?? '',
    })),
    options: linesOf(typed.options).map(([value, label = value, role = '']) => ({ value, label, role })),
    route: linesOf(typed.route).map(([key, press = '', times = '', shows = '']) => ({
      key,
      press: press || 'short',
      times: times === 'place' ? '1' : times || '1',
      place: times === 'place' ? 'yes' : 'no',
      shows,
    })),
    needsRestart: typed.needsRestart === true ? 'yes' : 'no',
    appliesWhen:
      text('appliesWhen').trim() === '' ? [] : [{ parameter: parameter.trim(), in: parts(values) }],
    condition: '',
    rewrites: parts(text('rewrites')).replaceAll(',', '\n'),
  };
}

const parts = (text: string) =>
  text
    .split(',')
    .map((part) => part.trim())
    .filter((part) => part !== '')
    .join(',');

/** A figure, or “by gear: A=48, B=96”. */
function limitOf(text: string): { plain: string; by: string; values: Record<string, string> } {
  const by = /^by\s+([\w.-]+)\s*:\s*(.+)$/.exec(text.trim());
  if (!by) return { plain: text.trim(), by: '', values: {} };
  const pairs = by[2].split(',').map((pair) => pair.split('=').map((part) => part.trim()));
  return {
    plain: '',
    by: by[1],
    values: Object.fromEntries(pairs.map(([value, limit = '']) => [value, limit])),
  };
}
