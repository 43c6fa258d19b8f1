import { DAY_SHAPES, shapedDay } from '../../../bench';
import { SHARING, shareFor, sharedDraw, type PumpSet, type Shared, type Sharing } from '../../../hydraulics';
import type { DriveContext } from '../settings/context';
import type { DriveSettings } from '../settings/understand';
import type { DriveDuty } from '../wire/duty';
import { fullFlow_m3h, headFor_m, mostOf_hz, type DrivenPump } from './pump';
import { heldAt_bar } from './set';

/** The draw of its day, hour by hour, m³/h. */
export function drawDay_m3h({ draw }: Pick<DriveDuty, 'draw'>): number[] {
  return shapedDay(draw.day, draw.usual_m3h, draw.greatest_m3h);
}

export const DRAW_WORDS = (day: DriveDuty['draw']['day']): string => DAY_SHAPES[day].name;

/** The pumps of a set at their greatest frequency. */
export function setOf(
  context: DriveContext,
  { curve, power, rated_hz }: DrivenPump,
  settings: DriveSettings,
): PumpSet {
  const most = mostOf_hz(context, settings) / rated_hz;
  return { curve, power, count: context.duty.pump.count, most };
}

/** Who runs at a draw by a way of sharing; null where the set does not carry it, or holds no known pressure. */
export function runsAtDraw(
  context: DriveContext,
  pump: DrivenPump,
  settings: DriveSettings,
  way: Sharing,
  draw_m3h: number,
): Shared | null {
  const held = heldAt_bar(context, settings, draw_m3h);
  if (held === null) return null;
  // the least pressure at the inlet is the dearest
  const head = headFor_m(context, held, context.inlet.least_bar);
  return head <= 0 ? null : sharedDraw(setOf(context, pump, settings), way, head, draw_m3h);
}

/** Energy of the draw's day by each way of sharing, kWh; null where some hour is not carried. Both are the same for one pump. */
export function sharingDay_kWh(
  context: DriveContext,
  pump: DrivenPump,
  settings: DriveSettings,
): Readonly<Record<Sharing, number | null>> {
  const day = drawDay_m3h(context.duty);
  const sum = (way: Sharing) => {
    let total = 0;
    for (const draw of day) {
      const shared = runsAtDraw(context, pump, settings, way, draw);
      if (shared === null) return null;
      total += shared.power_W / 1000;
    }
    return total;
  };
  return { 'one-varies': sum(SHARING[0]), 'all-vary': sum(SHARING[1]) };
}

/** The way that costs less over the draw's day, of those that it has; null where it has none, or nothing is known. */
export function cheaperSharing(
  context: DriveContext,
  pump: DrivenPump,
  settings: DriveSettings,
): Sharing | null {
  const { sharing } = context.profile.behaviours;
  const day = sharingDay_kWh(context, pump, settings);
  const known = sharing.filter((way) => day[way] !== null);
  return known.reduce<Sharing | null>(
    (best, way) => (best === null || day[way]! < day[best]! - 1e-9 ? way : best),
    null,
  );
}

/**
 * Beside a full one the one that varies gives little, and its frequency swings far until it has settled: sooner than this nothing is told
 * by it, s.
 */
export const SETTLES_s = 30;

/**
 * Frequency of what varies below which one pump less carries the draw, Hz; null where nothing is held, or where no frequency says so.
 *
 * All alike: with more at the inlet they turn slower at the same draw, so that a frequency says most at the greatest pressure at the
 * inlet: there two turn at least so slow only when one carries the draw with some to spare. One varies: beside a full one it is below
 * its own closed-valve frequency that it gives nothing, and the full one carries all; a frequency above that would take away what the
 * draw needs.
 *
 * @param spare share of what one carries that is enough to let another stop
 */
export function offFrequency_hz(
  context: DriveContext,
  pump: DrivenPump,
  settings: DriveSettings,
  spare = 1,
): number | null {
  const held = heldAt_bar(context, settings, 0);
  if (held === null) return null;
  const most = mostOf_hz(context, settings);
  const offs = [context.inlet.least_bar, context.inlet.greatest_bar].map((inlet) => {
    const head = headFor_m(context, held, inlet);
    const full = fullFlow_m3h(context, pump, most, held, inlet);
    if (full === null || head <= 0) return null;
    const flow = settings.sharing === 'one-varies' ? 0 : (full * spare) / 2;
    return pump.rated_hz * shareFor(pump.curve, flow, head);
  });
  const known = offs.filter((hz) => hz !== null);
  return known.length === offs.length ? Math.min(...known) : null;
}
