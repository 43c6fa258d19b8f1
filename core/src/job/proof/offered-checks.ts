import type { AnyFamily, AnyProfile, FamilyContext, JobView } from '../../families';
import { familyOf } from '../../families';
import { openEnded } from '../../findings';
import { orElse } from '../../input';
import { stateCheck, type ProofCheck } from '../../proof';
import {
  addressOf,
  parameterAt,
  rolesIn,
  withFixed,
  type AlarmOutput,
  type Parameter,
  type SettingValues,
} from '../../profile';
import { sameValue, type SheetRow } from '../../sheet';
import { isSmall, plateOf } from '../../visit';
import { contextOf } from '../context';
import { seenChecks } from './seen-checks';

/** What this pump needs tried with the settings in force; nothing before there is a duty. */
export function offeredChecks({ family, ...view }: JobView): ProofCheck[] {
  return offeredOn(familyOf(family), { ...view, foundValues: view.values.found });
}

/** What of a job it is that says what is tried. */
interface Asking extends Pick<JobView, 'document' | 'context' | 'settings' | 'rows' | 'today'> {
  readonly foundValues: SettingValues;
}

/** The same on a job that is looked at, or as it stood: of a few settings what they touch. */
export function offeredOn(
  family: AnyFamily,
  { document, context, settings, rows, foundValues, today }: Asking,
): ProofCheck[] {
  const offered = checksOf(family, context, settings);
  if (!context || !isSmall(document)) return offered;
  const before = withFixed(document.profile, { ...document.lastLeft?.values, ...foundValues });
  const stood = contextOf(document, context.duty, before, today);
  const asked = checksOf(family, stood, family.understand(document.profile, plateOf(document), before));
  return touchedChecks(offered, asked, changedOn(document.profile, rows), family.proof.proves);
}

/** What its family asks to be tried, each alarm output of its controller, and what its lamps and signs must show. */
export function checksOf(
  family: AnyFamily,
  context: FamilyContext | null,
  settings: JobView['settings'],
): ProofCheck[] {
  if (!context) return [];
  const { alarms = [] } = context.profile.behaviours;
  return [
    ...orElse(() => family.proof.checks(context, settings), []),
    ...alarms.map(alarmCheck),
    ...seenChecks(context.profile, context.inForce),
  ];
}

/** Settings that a job of a few changes. */
function changedOn(profile: AnyProfile, rows: readonly SheetRow[]): Parameter[] {
  return rows
    .filter(({ chosen, target, left, found }) => chosen && !sameValue((left ?? target)?.value, found?.value))
    .flatMap(({ address }) => parameterAt(profile, address) ?? []);
}

/**
 * Of what could be tried, what a job of a few settings touches: what their roles are proved by, what one of them voids by its address, and
 * what asks for something else than it did before.
 */
function touchedChecks(
  offered: readonly ProofCheck[],
  before: readonly ProofCheck[],
  changed: readonly Parameter[],
  proves: Readonly<Record<string, readonly string[]>>,
): ProofCheck[] {
  const addresses = new Set(changed.map(addressOf));
  const begins = changed.flatMap((parameter) => rolesIn(parameter).flatMap((role) => proves[role] ?? []));
  const known = new Map(before.map((check) => [check.key, saidBy(check)]));
  return offered.filter(
    (check) =>
      begins.some((begin) => check.key === begin || check.key.startsWith(`${begin}-`)) ||
      (check.voidedBy
        ? check.voidedBy.some((address) => addresses.has(address))
        : changed.length > 0 && known.get(check.key) !== saidBy(check)),
  );
}

/** What a check asks for, to be compared. */
const saidBy = ({ title, method, expected, tolerance, ask }: ProofCheck) =>
  JSON.stringify([title, method, expected, tolerance, ask]);

const DOES: Readonly<Record<AlarmOutput['contact'], string>> = {
  closes: 'its contact closes',
  opens: 'its contact opens',
  'changes-over': 'its contact changes over',
};

/** A fault caused on purpose, and watched where it is told: no setting of the pump moves that. */
function alarmCheck({ name, tells, contact, most_V, most_A }: AlarmOutput, i: number): ProofCheck {
  const most = [
    ...(most_V === undefined ? [] : [`${most_V} V`]),
    ...(most_A === undefined ? [] : [`${most_A} A`]),
  ].join(', ');
  const carries = most === '' ? '' : ` It carries ${most} at most.`;
  return {
    ...stateCheck(
      {
        key: `alarm-${i + 1}`,
        about: { kind: 'alarm' },
        title: `Alarm at ${name}`,
        method: `It tells of this: ${openEnded(tells)}. Cause it as the maker’s manual allows, and watch what is connected.${carries}`,
        expected: `${DOES[contact]}, and the alarm comes where it is required`,
        caution:
          'Its terminals may carry a voltage from elsewhere: they are measured by a licensed electrician.',
      },
      { comes: 'The alarm comes', silent: 'Nothing comes', 'the-wrong-way': 'It stands while all is well' },
      'comes',
    ),
    voidedBy: [],
  };
}
