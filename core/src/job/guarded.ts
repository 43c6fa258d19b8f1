import { answerAt, shownPaths, withText, type Answers, type Texts } from '../describe';
import { askedAt, familyOf, type AnyFamily, type JobDocument } from '../families';
import { anyFinding, type Finding } from '../findings';
import { addressOf, parameterAt, rolesIn, type Parameter, type SettingValue } from '../profile';
import { sameValue, type SheetRow } from '../sheet';
import { presentReader } from '../units';
import { answersOf } from './answers';

/** A setting that is changed and can hurt, and what guards it. */
export interface GuardedChange {
  readonly parameter: Parameter;
  readonly address: string;
  /** it is changed the way in which it hurts; also where nobody knows what it was */
  readonly greater: boolean;
  /** where the limits that it is held against are asked in the duty; none where plate and controller alone tell */
  readonly asks: readonly string[];
  /** those of them that are not answered */
  readonly open: readonly string[];
}

/** The settings of a job that are changed, each with what guards it; those that the whole duty alone judges are left out. */
export function guardedChanges(
  document: JobDocument,
  rows: readonly SheetRow[],
  column: 'target' | 'left' = 'target',
): GuardedChange[] {
  const { profile } = document;
  const family = familyOf(profile.family);
  const answers = answersOf(document) ?? {};
  return rows.flatMap((row) => {
    const entry = row[column];
    const parameter = parameterAt(profile, row.address);
    const guards = parameter ? guardsOf(family, parameter) : null;
    if (!entry || !parameter || !guards) return [];
    const by = [...new Set(guards.flatMap((guard) => guard.by))].filter((path) =>
      isAsked(family, answers, pathOf(path)),
    );
    const found = row.found?.value ?? null;
    return [
      {
        parameter,
        address: addressOf(parameter),
        greater: guards.some(({ danger }) => isGreater(danger, found, entry.value)),
        asks: by.map(pathOf),
        open: by.filter((path) => !mayBeEmpty(path) && answerAt(answers, path) === undefined),
      },
    ];
  });
}

const mayBeEmpty = (path: string) => path.endsWith('?');
const pathOf = (path: string) => path.replace(/\?$/, '');

/** What guards a setting, by each of its roles; null where one of them is judged by the whole duty alone, or it has none. */
function guardsOf({ guards }: AnyFamily, parameter: Parameter) {
  const roles = rolesIn(parameter);
  const all = roles.flatMap((role) => guards[role] ?? []);
  return roles.length > 0 && all.length === roles.length ? all : null;
}

/** What another answer leaves out is not asked: the limits of a hot-water return of what is none. */
function isAsked({ forms }: AnyFamily, answers: Answers, path: string): boolean {
  if (answerAt(answers, path) !== undefined) return true;
  const texts = switchedOn(forms.duty.write(answers as never), path);
  return forms.duty.parts.some(({ fields }) =>
    shownPaths(fields, texts, '', presentReader()).includes(forms.duty.typedAt(path, texts)),
  );
}

/** A form in which every group that a path lies in is there: whether it is switched on is not what is asked. */
export function switchedOn(texts: Texts, path: string): Texts {
  const groups = path.split('.').slice(0, -1);
  return groups.reduce((now, _, i) => withText(now, `${groups.slice(0, i + 1).join('.')}.on`, 'yes'), texts);
}

function isGreater(
  danger: 'up' | 'down' | 'any',
  from: SettingValue | null,
  to: SettingValue | null,
): boolean {
  if (from === null || to === null) return true;
  if (sameValue(from, to)) return false;
  if (danger === 'any' || typeof from !== 'number' || typeof to !== 'number') return true;
  return danger === 'up' ? to > from : to < from;
}

/** ANY-00: changes that were held against their limits, and what else they do is not known without a duty. */
export function limitsAlone(changes: readonly GuardedChange[], subject: 'target' | 'left'): Finding[] {
  const held = changes.filter(({ greater, open }) => !greater || open.length === 0);
  if (held.length === 0) return [];
  const settings = held.map(({ parameter }) => parameter.label).join(', ');
  return [
    anyFinding(
      'ANY-00.rest',
      subject,
      { settings },
      held.map(({ address }) => address),
    ),
  ];
}

/** ANY-00: a change that hurts, of which not every limit that guards it is known. A stop before it is entered; afterwards the paper says so. */
export function unguarded(
  { profile }: JobDocument,
  changes: readonly GuardedChange[],
  subject: 'target' | 'left',
): Finding[] {
  const { forms } = familyOf(profile.family);
  return changes
    .filter(({ greater, open }) => greater && open.length > 0)
    .map(({ parameter, address, open }) =>
      anyFinding(
        'ANY-00.guard',
        subject,
        { setting: parameter.label, what: open.map((path) => askedAt(forms.duty, path)).join('; ') },
        [address],
        subject === 'left' ? 'warn' : undefined,
      ),
    );
}
