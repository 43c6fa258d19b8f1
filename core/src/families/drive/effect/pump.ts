import {
  closedFrequency_hz,
  fitFullCurve,
  fitFullPower,
  flowAgainst_m3h,
  headAt_m,
  headOf_m,
  netSuctionHead_m,
  powerOfShare_W,
  pressureOf_bar,
  stopFlow_m3h,
  type FullCurve,
  type FullPower,
} from '../../../hydraulics';
import type { DriveContext } from '../settings/context';
import type { DriveSettings } from '../settings/understand';
import type { DriveDuty } from '../wire/duty';
import { heldAt_bar } from './set';

/** One pump of the set, as its duty tells. */
export interface DrivenPump {
  readonly curve: FullCurve;
  readonly power: FullPower;
  readonly rated_hz: number;
}

/** Throws an InputError on `curve` or `power` where the points cannot be fitted. */
export function pumpOf({ pump }: DriveDuty): DrivenPump {
  return { curve: fitFullCurve(pump.curve), power: fitFullPower(pump.power), rated_hz: pump.rated_hz };
}

/** Greatest frequency that it may turn with, Hz: as set, else the rated one. */
export function mostOf_hz({ duty }: Pick<DriveContext, 'duty'>, { most_hz }: DriveSettings): number {
  return most_hz ?? duty.pump.rated_hz;
}

/** Pressure above the inlet that has to be made for one at the sensor, m of head. A difference is held across, whatever stands at the inlet. */
export function headFor_m({ duty }: Pick<DriveContext, 'duty'>, held_bar: number, inlet_bar: number): number {
  return headOf_m(duty.holds.kind === 'difference' ? held_bar : held_bar - inlet_bar);
}

/** Greatest pressure that can stand behind it, bar: the greatest at the inlet and the head at no flow at the greatest frequency. */
export function greatestPressure_bar(
  context: DriveContext,
  { curve, rated_hz }: DrivenPump,
  most_hz: number,
): number {
  const share = most_hz / rated_hz;
  return context.inlet.greatest_bar + pressureOf_bar(curve.closed_m * share * share);
}

/** Greatest pressure that so many of them still give at a draw, bar, at the least pressure at the inlet. */
export function reaches_bar(
  context: DriveContext,
  { curve, rated_hz }: DrivenPump,
  most_hz: number,
  count: number,
  draw_m3h: number,
): number {
  const head = headAt_m(curve, draw_m3h / count, most_hz / rated_hz);
  const inlet = context.duty.holds.kind === 'difference' ? 0 : context.inlet.least_bar;
  return inlet + pressureOf_bar(head);
}

/**
 * So near a frequency against a shut valve is to what the curve says, as a share: it goes by the root of the head, which a plate gives
 * to some 5 %. Further off, something is open, or the inlet or the curve is another.
 */
export const CLOSED_NEAR = 0.03;

/** Frequency at which one pump just holds what is set against a shut valve, Hz; null where no pressure is held or the inlet alone has it. */
export function closed_hz(
  context: DriveContext,
  pump: DrivenPump,
  settings: DriveSettings,
  inlet_bar: number,
): number | null {
  const held = heldAt_bar(context, settings, 0);
  const head = held === null ? null : headFor_m(context, held, inlet_bar);
  return head === null || head <= 0
    ? null
    : closedFrequency_hz({ ...pump.curve, rated_hz: pump.rated_hz }, head);
}

/** Draw under which it stops at a pressure at the inlet, m³/h; null where it never does, or where that is not known. */
export function stopsUnder_m3h(
  context: DriveContext,
  pump: DrivenPump,
  settings: DriveSettings,
  inlet_bar: number,
): number | null {
  const held = heldAt_bar(context, settings, 0);
  if (held === null || settings.stop_hz === null) return null;
  const head = headFor_m(context, held, inlet_bar);
  // what the inlet gives by itself lets any pump stop
  if (head <= 0) return flowAgainst_m3h(pump.curve, head, settings.stop_hz / pump.rated_hz);
  return stopFlow_m3h({ ...pump.curve, rated_hz: pump.rated_hz }, head, settings.stop_hz);
}

/** Draws under which it stops, over every pressure at the inlet: the least and the greatest; null where it does not stop for certain. */
export function stopSpan_m3h(
  context: DriveContext,
  pump: DrivenPump,
  settings: DriveSettings,
): readonly [number, number] | null {
  const { least_bar, greatest_bar } = context.inlet;
  const surely = stopsUnder_m3h(context, pump, settings, least_bar);
  const most = stopsUnder_m3h(context, pump, settings, greatest_bar);
  return surely === null || most === null ? null : [surely, most];
}

/** Flow of one pump at its greatest frequency against what is held, m³/h, at a pressure at the inlet; null where it does not reach it. */
export function fullFlow_m3h(
  context: DriveContext,
  pump: DrivenPump,
  most_hz: number,
  held_bar: number,
  inlet_bar: number,
): number | null {
  return flowAgainst_m3h(pump.curve, headFor_m(context, held_bar, inlet_bar), most_hz / pump.rated_hz);
}

/**
 * Most that one motor takes at its greatest frequency, W: from no flow to what the pump gives when it holds the least that is asked for
 * with the greatest pressure at its inlet, where it runs out furthest.
 */
export function greatestPower_W(
  context: DriveContext,
  pump: DrivenPump,
  most_hz: number,
  held_bar: number | null,
): { readonly power_W: number; readonly flow_m3h: number } {
  const share = most_hz / pump.rated_hz;
  const { draw, pump: own } = context.duty;
  const runOut =
    held_bar === null ? null : fullFlow_m3h(context, pump, most_hz, held_bar, context.inlet.greatest_bar);
  // where one does not hold it alone, or nothing is held, each has its part of the draw; one may be out
  const shared = draw.greatest_m3h / Math.max(1, own.count - (own.oneOut ? 1 : 0));
  const most = runOut === null ? shared : Math.min(draw.greatest_m3h, runOut);
  const points = [0, most].map((flow_m3h) => ({
    flow_m3h,
    power_W: powerOfShare_W(pump.power, flow_m3h, share),
  }));
  return points[0].power_W > points[1].power_W ? points[0] : points[1];
}

/** Greatest frequency at which one motor stays within its plate anywhere along the draw, Hz; the one that is asked for where it does. */
export function plateFrequency_hz(
  context: DriveContext,
  pump: DrivenPump,
  most_hz: number,
  held_bar: number | null,
  rated_W: number,
): number {
  const takes = (hz: number) => greatestPower_W(context, pump, hz, held_bar).power_W;
  if (takes(most_hz) <= rated_W) return most_hz;
  let [low, high] = [0, most_hz];
  for (let i = 0; i < 50; i++) {
    const middle = (low + high) / 2;
    if (takes(middle) <= rated_W) low = middle;
    else high = middle;
  }
  return low;
}

/** Whether a relief valve keeps what is downstream under its lowest rating, whatever the pump could give. */
export function isRelieved({ duty }: Pick<DriveContext, 'duty'>): boolean {
  const { relief_bar, lowest_bar } = duty.rating;
  return relief_bar !== null && relief_bar <= lowest_bar;
}

/** Frequencies that it turns between at the ends of an outside signal, Hz: as its limits are set, else as the duty asks, never past the pump's own. */
export function signalSpan_hz(
  { duty }: Pick<DriveContext, 'duty'>,
  { least_hz, most_hz }: Pick<DriveSettings, 'least_hz' | 'most_hz'>,
): readonly [number, number] | null {
  const { holds, pump } = duty;
  if (holds.kind !== 'signal') return null;
  return [
    least_hz ?? Math.max(holds.least_hz, pump.least_hz),
    most_hz ?? Math.min(holds.most_hz, pump.rated_hz),
  ];
}

/** Head above boiling at the inlet when it has least pressure, m. */
export function suctionHead_m({ duty, inlet }: DriveContext): number {
  return netSuctionHead_m(inlet.least_bar, duty.water.temperature_C, duty.water.altitude_m);
}
