import type { SharedProblem } from '../../parts/shared-problem';
import { HOLDS_WORDS } from './holds-words';
import { addressesOf, eachOf, planCheck } from '../../parts/check-input';
import type { CheckInput } from './input';
import { bySeverity, type Finding, type Subject } from '../../../findings';
import type { SettingValues } from '../../../profile';
import { fig, lazily } from '../../../units';
import { pumpOf } from '../effect/pump';
import type { DrivePlan, DriveProblem } from '../plan/draft';
import type { DriveContext } from '../settings/context';
import { sheetsOf, understand } from '../settings/understand';
import { finding } from '../texts/texts';
import { checkDry } from './dry';
import { checkMotor } from './motor';
import { checkSignal } from './outside-signal';
import { checkReach } from './reach';
import { checkSet } from './set';
import { checkStarts } from './starts';
import { checkStop } from './stop';
import { DRIVE_ROLE_WORDS } from '../settings/role-words';

/** Findings on a column. Throws an InputError on points of the duty that cannot be fitted. */
export function checkSettings(given: DriveContext, subject: Subject, values: SettingValues): Finding[] {
  // what was found is judged by the gas that was found with it
  const context = subject === 'found' ? { ...given, precharge_bar: given.prechargeFound_bar } : given;
  return bySeverity(eachOf(inputOf(context, subject, values, 1), checked, ofOtherUnits));
}

/** What is judged of one unit of a set. */
function inputOf(context: DriveContext, subject: Subject, values: SettingValues, unit: number): CheckInput {
  const settings = understand(context.profile, context.plate, values, unit);
  const at = addressesOf(context.profile);
  return lazily<CheckInput>({
    context: () => context,
    subject: () => subject,
    values: () => values,
    settings: () => settings,
    pump: () => pumpOf(context.duty),
    at: () => (unit === 1 ? at : (role, index = unit) => at(role, index)),
  });
}

const checked = (input: CheckInput) =>
  eachOf(input, checkReach, checkStop, checkMotor, checkSignal, checkDry, checkSet, checkStarts);

/** What is said of the sheets of the second unit and those after it, where each drive has its own; what they have in common is said already. */
function ofOtherUnits({ context, subject, values }: CheckInput): Finding[] {
  return Array.from({ length: sheetsOf(context) - 1 }, (_, i) => i + 2).flatMap((unit) =>
    checked(inputOf(context, subject, values, unit))
      .filter(({ text, addresses }) => text !== 'DRV-06' && addresses.some((one) => isOfUnit(one, unit)))
      .map((one) => ({ ...one, values: { ...one.values, of: `unit ${unit}` } })),
  );
}

/** An address on the sheet names the place of its group in the middle. */
const isOfUnit = (address: string, unit: number) => address.split('/')[1] === String(unit);

/** Findings on a plan: on the settings it leads to, and on what it could not plan. */
export const checkPlan = planCheck<DriveContext, DrivePlan>(checkSettings, problemFinding);

function problemFinding(problem: Exclude<DriveProblem, SharedProblem>): Finding {
  switch (problem.kind) {
    case 'missing-role':
      return finding('PRO-01', 'target', { role: DRIVE_ROLE_WORDS[problem.role] });
    case 'no-stop':
      return finding('DRV-12.none', 'target', {
        above: fig('frequency', problem.above_hz),
        below: fig('frequency', problem.below_hz),
      });
    case 'inlet-holds':
      return finding('DRV-12.inlet', 'target', {
        inlet: fig('pressure', problem.inlet_bar),
        held: fig('pressure', problem.held_bar),
      });
    case 'cannot-hold':
      return finding('DRV-00.cannot', 'target', { what: HOLDS_WORDS[problem.what] });
    case 'signal-slow':
      return finding('DRV-14.signal', 'target', {
        asked: fig('frequency', problem.asked_hz),
        least: fig('frequency', problem.least_hz),
      });
    case 'speed-outside':
      return finding('DRV-14.speed', 'target', {
        asked: fig('frequency', problem.asked_hz),
        taken: fig('frequency', problem.taken_hz),
      });
    case 'fill-or-dry':
      return finding('DRV-05.clash', 'target', {
        fill: fig('seconds', problem.fill_s),
        dry: fig('seconds', problem.dry_s),
      });
  }
}
