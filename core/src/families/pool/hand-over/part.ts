import { heldBy, speedsOfDay_rpm, trueWeek, weekSums } from '../effect/week';
import { neededPerDay_m3 } from '../effect/hydraulics';
import type { PoolView } from '../kind';
import { understand, weekKnown } from '../settings/understand';
import type { PoolContext } from '../settings/context';
import type { HandoverPart } from '../../family';
import { orElse } from '../../../input';
import type { SettingValues } from '../../../profile';
import { standsAs, type HandoverWeeks, type HandoverWeek } from '../../../visit';

const HELD = {
  manual: 'stands in manual',
  hold: 'stands on hold',
  relay: 'commanded by relays',
  link: 'commanded over the link',
} as const;

/** What is handed over of a pool pump alone: its week, its water and its cost. */
export function partOf(view: PoolView, automatic: boolean): HandoverPart {
  const tried = view.checks.filter(standsAs);
  const measured = tried.some(({ check, verdict }) => verdict.ok && check.about?.kind === 'flow');
  return {
    dose: [],
    wanted: null,
    water: null,
    proof: {
      // no signal is given to a pool pump: its checks stand by themselves
      points: 0,
      passed: 0,
      volume: measured ? 'flow measured' : 'flow not measured: points of the plan',
      automatic,
      live: null,
    },
    readings: [],
    lines: [],
    pool: poolOf(view),
  };
}

function poolOf({ context, values }: PoolView): HandoverWeeks | null {
  if (!context) return null;
  const columns = [
    ['found', values.found],
    ['left', values.force],
  ] as const;
  const { duty, profile } = context;
  const compute = (): HandoverWeeks => ({
    currency: duty.tariff.currency,
    needed_m3: neededPerDay_m3(duty),
    fullSpeed_rpm: profile.behaviours.speed.greatest_rpm,
    weeks: columns.flatMap(([column, held]) => weekOf(context, column, held) ?? []),
  });
  return orElse(compute, null);
}

/** One column's week as it truly runs; null while it is not known whole. */
function weekOf(given: PoolContext, column: 'found' | 'left', values: SettingValues): HandoverWeek | null {
  const settings = understand(given.profile, given.plate, values);
  if (Object.keys(values).length === 0 || !weekKnown(settings)) return null;
  const held = heldBy(given, settings);
  const week = trueWeek(given, settings);
  const sums = weekSums(given, week);
  return {
    column,
    daily_m3: sums.daily_m3,
    energy_kWh: sums.energy_kWh,
    costMonth: sums.costMonth,
    costYear: sums.costYear,
    dearShare: sums.dearShare,
    longestPause_min: sums.longestPause_min,
    days_rpm: Array.from({ length: 7 }, (_, day) => speedsOfDay_rpm(week, day)),
    held: held && HELD[held],
  };
}
