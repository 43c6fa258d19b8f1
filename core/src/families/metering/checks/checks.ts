import { isShared, sharedFinding } from '../../parts/shared-problem';
import { addressesOf, eachOf } from '../../parts/check-input';
import type { CheckInput } from './input';
import { bySeverity, type Finding, type Subject } from '../../../findings';
import type { SettingValues } from '../../../profile';
import { checkAmounts } from './amounts';
import { checkCalibration } from './calibration';
import { checkCapacity } from './capacity';
import { checkDose } from './dose';
import { checkFeed } from './feed';
import { checkGuards } from './guards';
import { checkHead } from './head';
import { checkLimits } from './limits';
import { checkPressure } from './pressure';
import { checkPulses } from './pulses';
import { checkPump } from './pump';
import { checkSignal } from './signal';
import { checkTurnDown } from './turn-down';
import type { MeteringContext } from '../settings/context';
import { finding } from '../texts/finding';
import { overGears } from '../settings/over-gears';
import type { MeteringPlan } from '../plan/draft';
import { namedGear } from '../plan/gear';
import { gearsOf } from '../wire/plate';
import { understand } from '../settings/understand';
import { fig } from '../../../units';
import { METERING_ROLE_WORDS } from '../settings/role-words';

/**
 * Findings on one column of the sheet. Whatever was found or left is judged as it stands; what is not known is not
 * judged. Where the gear was not read, every gear that may be fitted is judged, and the worst of either side is told with its
 * gear. Stops come first.
 */
export function checkSettings(context: MeteringContext, subject: Subject, values: SettingValues): Finding[] {
  const { profile, plate } = context;
  if (namedGear(profile, plate, values) !== null) return checkKnown(context, subject, values);
  return overGears(
    context,
    gearsOf(profile).map(({ name }) => ({
      gear: name,
      findings: checkKnown({ ...context, plate: { ...plate, gear: name } }, subject, values),
    })),
  );
}

function checkKnown(context: MeteringContext, subject: Subject, values: SettingValues): Finding[] {
  const input: CheckInput = {
    context,
    subject,
    values,
    settings: understand(context.profile, context.plate, values),
    at: addressesOf(context.profile),
  };
  const cause = eachOf(input, checkPulses, checkHead);
  // a ceiling or a slow suction that lacks capacity says so itself, and better
  const told = cause.some(({ code }) => code === 'MET-03' || code === 'MET-13');
  const tooLarge = eachOf(input, checkTurnDown);
  const signal = eachOf(input, checkSignal);
  // a range mismatch is an offset, and says better where it comes from
  const mismatch = signal.some(({ code }) => code === 'MET-01');
  const dose = eachOf(input, checkDose).filter(({ text }) => !(mismatch && text === 'MET-08.offset'));
  const isTooLarge = tooLarge.some(({ code }) => code === 'MET-08');
  // while not all of it could be looked at nobody knows which of them says it best
  const explained = [...cause, ...tooLarge, ...signal].every(({ text }) => text !== 'ANY-00.part');
  return bySeverity([
    ...signal,
    ...(told || !explained ? [] : eachOf(input, checkCapacity)),
    ...cause,
    ...tooLarge,
    ...(isTooLarge || !explained ? [] : dose),
    ...eachOf(
      input,
      checkLimits,
      checkPump,
      checkFeed,
      checkCalibration,
      checkPressure,
      checkAmounts,
      checkGuards,
    ),
  ]);
}

/** Findings on a plan: on the settings it leads to, and on what it could not plan. */
export function checkPlan(context: MeteringContext, plan: MeteringPlan): Finding[] {
  const settings = checkSettings(context, 'target', plan.values);
  const problems = plan.problems.map((problem) => {
    if (isShared(problem)) return sharedFinding(problem);
    switch (problem.kind) {
      case 'missing-role':
        return finding('PRO-01', 'target', { role: METERING_ROLE_WORDS[problem.role] });
      case 'too-small':
        return finding('MET-04.too-small', 'target', {
          needed: fig('pumpFlow', problem.needed_lph),
          capacity: fig('pumpFlow', problem.capacity_lph),
        });
      case 'no-ratio':
        return finding('MET-03.no-ratio', 'target', {
          volume: fig('strokeVolume', problem.perPulse_mL),
          pulses: fig('pulseRate', problem.pulses_ppm),
        });
      case 'meter-too-fast':
        return finding('MET-09.fast', 'target', {
          limit: fig('milliseconds', problem.limit_ms),
          shortest: fig('milliseconds', problem.shortest_ms),
        });
      case 'no-mode':
        return finding('PRO-01', 'target', { role: METERING_ROLE_WORDS[`mode.${problem.mode}`] });
      case 'plain-line':
        return finding('MET-07.plain', 'target', {
          from: fig('current', problem.from_mA),
          atFrom: fig('pumpFlow', problem.atFrom_lph),
          to: fig('current', problem.to_mA),
          atTo: fig('pumpFlow', problem.atTo_lph),
        });
      case 'change-span': {
        const { signal } = context.duty;
        return finding('MET-04.change-span', 'target', {
          span: fig('waterFlow', signal.source === 'flow' ? signal.span_m3h : 0),
          better: fig('waterFlow', problem.span_m3h),
        });
      }
    }
  });
  // one sentence on capacity is enough: what the plan could not give says it better
  const capacityTold = problems.some((problem) => problem.code === 'MET-04');
  return bySeverity([...problems, ...settings.filter((f) => !capacityTold || f.code !== 'MET-04')]);
}
