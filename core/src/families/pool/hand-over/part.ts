import { orElse } from '../../../input';
import type { SettingValues } from '../../../profile';
import { standsAs, type Block } from '../../../visit';
import type { HandoverPart } from '../../family';
import { neededPerDay_m3 } from '../effect/hydraulics';
import { heldBy, speedsOfDay_rpm, trueWeek, weekSums } from '../effect/week';
import type { PoolView } from '../kind';
import { asFound, type PoolContext } from '../settings/context';
import { understand, weekKnown } from '../settings/understand';
import { flowSaid } from './said';
import { weekBlock, type SideWeek } from './week-block';

const HELD = {
  manual: 'stands in manual',
  hold: 'stands on hold',
  stopped: 'stopped until somebody resumes it',
  relay: 'commanded by relays',
  link: 'commanded over the link',
} as const;

/** What is handed over of a pool pump alone: its week, its water and its cost. */
export function partOf(view: PoolView): HandoverPart {
  const tried = view.checks.filter(standsAs);
  const measured = tried.some(({ check, verdict }) => verdict.ok && check.about?.kind === 'flow');
  return {
    first: weeksOf(view),
    behind: [],
    tried: [],
    // no signal is given to a pool pump: its checks stand by themselves
    proof: { points: 0, passed: 0, says: [flowSaid(measured)] },
  };
}

function weeksOf({ context, values }: PoolView): Block[] {
  if (!context) return [];
  const { duty, profile } = context;
  const compute = (): Block[] => {
    const sides = [sideOf(asFound(context), 'found', values.found), sideOf(context, 'left', values.force)];
    const weeks = sides.filter((side) => side !== null);
    const measure = {
      currency: duty.tariff.currency,
      needed_m3: neededPerDay_m3(duty),
      fullSpeed_rpm: profile.behaviours.speed.greatest_rpm,
    };
    return weeks.length > 0 ? [weekBlock(weeks, measure)] : [];
  };
  return orElse(compute, []);
}

/** One column's week as it truly runs; null while it is not known whole. */
function sideOf(given: PoolContext, column: 'found' | 'left', values: SettingValues): SideWeek | null {
  const settings = understand(given.profile, given.plate, values);
  if (Object.keys(values).length === 0 || !weekKnown(settings)) return null;
  const held = heldBy(given, settings);
  const week = trueWeek(given, settings);
  const { daily_m3, costMonth, costYear, longestPause_min } = weekSums(given, week);
  return {
    column,
    daily_m3,
    costMonth,
    costYear,
    longestPause_min,
    days_rpm: Array.from({ length: 7 }, (_, day) => speedsOfDay_rpm(week, day)),
    held: held && HELD[held],
  };
}
