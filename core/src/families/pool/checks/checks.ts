import type { SharedProblem } from '../../parts/shared-problem';
import { addressesOf, eachOf, planCheck } from '../../parts/check-input';
import type { CheckInput } from './input';
import { bySeverity, refusedValues, type Finding, type Subject } from '../../../findings';
import type { SettingValues } from '../../../profile';
import { daysInWords } from '../../../time';
import { fig, lazily } from '../../../units';
import { checkBeside } from './beside';
import { checkCommand } from './command';
import { checkFlow } from './flow';
import { checkHolds } from './holds';
import { checkPlant } from './plant';
import { checkPrograms } from './programs';
import { asFound, type PoolContext } from '../settings/context';
import { pumpOf } from '../effect/hydraulics';
import type { PoolPlan, PoolProblem } from '../plan/draft';
import { settingsOf } from '../settings/pumping';
import { refusesOverlap, weekKnown, type PoolSettings } from '../settings/understand';
import { finding } from '../texts/texts';
import { heldBy, trueWeek, weekSums } from '../effect/week';
import { POOL_ROLE_WORDS } from '../settings/role-words';

/**
 * Findings on one column of the sheet. Whatever was found or left is judged as it stands; what is not known is not judged.
 * A clock that is off counts for what is there, not for a target. Stops come first. Throws an InputError where points or
 * prices of the duty cannot be computed with.
 */
export function checkSettings(given: PoolContext, subject: Subject, values: SettingValues): Finding[] {
  const context =
    subject === 'target' ? { ...given, clockAhead_min: 0 } : subject === 'found' ? asFound(given) : given;
  const at = addressesOf(context.profile);
  const input: CheckInput = lazily<CheckInput>({
    context: () => context,
    subject: () => subject,
    settings: () => settingsOf(context, values),
    pump: () => pumpOf(context.duty),
    held: () => heldBy(context, input.settings),
    week: () => weekOf(context, subject, input.settings),
    sums: () => input.week && weekSums(context, input.week, input.settings),
    at: () => at,
  });
  return bySeverity([
    ...refusedValues(context.profile, subject, values),
    ...eachOf(input, checkPrograms, checkFlow, checkHolds, checkPlant, checkCommand, checkBeside),
  ]);
}

/** The week as it truly runs; null where its own programs are not what runs, or not all of them are known. */
function weekOf(context: PoolContext, subject: Subject, settings: PoolSettings) {
  const running = { ...settings, mode: 'automatic', command: 'own' } as const;
  // under another master its own programs are not what runs
  const others = subject === 'target' ? context.duty.command : (settings.command ?? context.duty.command);
  const told = weekKnown(settings) && !refusesOverlap(context.profile, settings);
  return others === 'own' && told ? trueWeek(context, running) : null;
}

/** Findings on a plan: on the settings it leads to, and on what it could not plan. */
export const checkPlan = planCheck<PoolContext, PoolPlan>(checkSettings, problemFinding);

function problemFinding(problem: Exclude<PoolProblem, SharedProblem>): Finding {
  switch (problem.kind) {
    case 'missing-role':
      return finding('PRO-01', 'target', { role: POOL_ROLE_WORDS[problem.role] });
    case 'no-days':
      return finding('PRO-01.days', 'target', {
        name: problem.name,
        days: problem.days || daysInWords('1234567'),
      });
    case 'too-many':
      return finding(
        'PRO-01.slots',
        'target',
        { wanted: `${problem.wanted}`, slots: `${problem.slots}` },
        [],
        'stop',
      );
    case 'cannot-empty':
      return finding('PRO-01.empty', 'target', { slots: `${problem.slot}` });
    case 'two-speeds':
      return finding('PRO-01.speeds', 'target', {
        circuit: problem.circuit,
        speeds: `${problem.speeds.join(' and ')} rev/min`,
      });
    case 'timed-no-place':
      return finding('PRO-01.timed', 'target', { name: problem.name });
    case 'timed-reach':
      return finding('PRO-01.reach', 'target', { name: problem.name });
    case 'chlorinator-short':
      return finding('PRO-02', 'target', {
        needed: fig('mass', problem.needed_g),
        most: fig('mass', problem.most_g),
      });
  }
}
