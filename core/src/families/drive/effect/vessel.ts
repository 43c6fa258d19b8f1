import { startsPerHour, usableWater_L } from '../../../hydraulics';
import type { DriveContext } from '../settings/context';
import type { DriveSettings } from '../settings/understand';
import { fullFlow_m3h, mostOf_hz, stopsUnder_m3h, type DrivenPump } from './pump';
import { startsAt_bar, stopsAt_bar } from './set';

/** Water that the vessel gives between stop and start, L: nil without a vessel; null while pre-charge or pressures are not known. */
export function usableOf_L(context: DriveContext, settings: DriveSettings): number | null {
  const { vessel } = context.duty;
  if (vessel === null) return 0;
  const [start, stop] = [startsAt_bar(context, settings), stopsAt_bar(context, settings)];
  if (context.precharge_bar === null || start === null || stop === null || stop <= start) return null;
  return usableWater_L({ volume_L: vessel.volume_L, precharge_bar: context.precharge_bar }, start, stop);
}

/** Starts in an hour, and the draw at which they are most. */
export interface StartsMost {
  readonly starts_h: number;
  readonly draw_m3h: number;
  readonly usable_L: number;
}

const STEPS = 40;

/**
 * Most starts in an hour over every draw that is really met and under which it stops: the leak alone, and from the least draw (with the
 * leak) up to where it runs through. Null where no such draw is met, or where too little is known.
 */
export function startsMost(
  context: DriveContext,
  pump: DrivenPump,
  settings: DriveSettings,
): StartsMost | null {
  const usable_L = usableOf_L(context, settings);
  const stop = stopsAt_bar(context, settings);
  const { greatest_bar } = context.inlet;
  const under = stopsUnder_m3h(context, pump, settings, greatest_bar);
  const { stopDelay_s } = settings;
  if (usable_L === null || stop === null || under === null || stopDelay_s === null) return null;
  const fill = fullFlow_m3h(context, pump, mostOf_hz(context, settings), stop, greatest_bar);
  if (fill === null) return null;
  const { leak_m3h, least_m3h } = context.duty.draw;
  const least = least_m3h + (leak_m3h ?? 0);
  const real = Array.from({ length: STEPS + 1 }, (_, i) => least + ((under - least) * i) / STEPS);
  return [leak_m3h ?? 0, ...(least < under ? real : [])]
    .filter((draw) => draw > 0 && draw < under && draw < fill)
    .map((draw_m3h) => ({
      draw_m3h,
      usable_L,
      starts_h: startsPerHour(usable_L, draw_m3h, fill, stopDelay_s),
    }))
    .reduce<StartsMost | null>(
      (worst, one) => (worst === null || one.starts_h > worst.starts_h ? one : worst),
      null,
    );
}

/** How often it starts, in words; from a vessel that gives nothing it is endless. */
export function startsInWords(starts_h: number, decimals: number): string {
  return Number.isFinite(starts_h)
    ? `${starts_h.toFixed(decimals)} times an hour`
    : 'anew as soon as it has stopped';
}
