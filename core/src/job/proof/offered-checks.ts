import type { AnyFamily, FamilyContext, JobView } from '../../families';
import { familyOf } from '../../families';
import { openEnded } from '../../findings';
import { orElse } from '../../input';
import { stateCheck, type ProofCheck } from '../../proof';
import type { AlarmOutput } from '../../profile';
import { seenChecks } from './seen-checks';

/** What this pump needs tried with the settings in force; nothing before there is a duty. */
export function offeredChecks({ family, context, settings }: JobView): ProofCheck[] {
  return checksOf(familyOf(family), context, settings);
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
