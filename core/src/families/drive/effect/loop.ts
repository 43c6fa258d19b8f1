import { pressureOf_bar } from '../../../hydraulics';
import type { DriveContext } from '../settings/context';
import type { DriveSettings } from '../settings/understand';
import { closed_hz, headFor_m, type DrivenPump } from './pump';
import { heldAt_bar } from './set';

/** How its control answers a pressure that is off. */
export interface Loop {
  /** what it answers with at once, as a multiple of what was off */
  readonly gain: number;
  /** seconds in which two thirds of what is off are made good */
  readonly settles_s: number;
}

/**
 * Gain of the whole loop, and the time in which it settles, at what is held against shut taps: s = 2·p/n there (p falls with the square
 * of the speed, in bar per cent of the rated frequency), L = K·s, T = T_i·(1 + L)/L. Null where gain, reset, or what is held is not known.
 */
export function loopOf(context: DriveContext, pump: DrivenPump, settings: DriveSettings): Loop | null {
  const { gain, reset_s } = settings;
  const inlet_bar = context.inlet.least_bar;
  const [held_bar, hz] = [heldAt_bar(context, settings, 0), closed_hz(context, pump, settings, inlet_bar)];
  if (gain === null || gain <= 0 || reset_s === null || held_bar === null || hz === null) return null;
  const made_bar = pressureOf_bar(headFor_m(context, held_bar, inlet_bar));
  const slope = (2 * made_bar) / ((hz / pump.rated_hz) * 100);
  return { gain: gain * slope, settles_s: (reset_s * (1 + gain * slope)) / (gain * slope) };
}
