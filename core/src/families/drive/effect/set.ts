import { pressureOf_bar } from '../../../hydraulics';
import { trueValue } from '../../../signal';
import type { DriveContext } from '../settings/context';
import type { DriveSettings } from '../settings/understand';
import type { DriveDuty } from '../wire/duty';

/** True where it holds a pressure or a difference: then it has a set pressure. */
export function holdsPressure({ holds }: Pick<DriveDuty, 'holds'>): boolean {
  return holds.kind === 'pressure' || holds.kind === 'difference';
}

/** True where a difference is what two pressure sensors read apart. */
export function measuredByTwo({ holds, sensor }: Pick<DriveDuty, 'holds' | 'sensor'>): boolean {
  return holds.kind === 'difference' && sensor?.by === 'two';
}

/** Pressure that is needed at the sensor at the greatest draw, bar: p_tap + ρ·g·z + the loss of the pipe; null where none is held. */
export function neededSet_bar({ holds }: Pick<DriveDuty, 'holds'>): number | null {
  if (holds.kind === 'difference') return holds.set_bar;
  if (holds.kind !== 'pressure') return null;
  return holds.tap_bar + pressureOf_bar(holds.above_m) + holds.pipe_bar;
}

/** Pressure that is enough at the sensor while nothing flows, bar; null where none is held. */
export function enoughAtNil_bar({ holds }: Pick<DriveDuty, 'holds'>): number | null {
  if (holds.kind === 'difference') return 0;
  if (holds.kind !== 'pressure') return null;
  return holds.tap_bar + pressureOf_bar(holds.above_m);
}

/** What the plant asks for at a draw, bar: p(q) = p0 + (p_set − p0)·(q/q_max)². */
export function askedAt_bar(duty: Pick<DriveDuty, 'holds' | 'draw'>, draw_m3h: number): number | null {
  const [most, nil] = [neededSet_bar(duty), enoughAtNil_bar(duty)];
  if (most === null || nil === null) return null;
  return nil + (most - nil) * (draw_m3h / duty.draw.greatest_m3h) ** 2;
}

/** What a pressure that is set really is, bar, where the range that is set is not the sensor's own: set·R/r. */
export function really_bar(
  { duty }: Pick<DriveContext, 'duty'>,
  { range_bar }: DriveSettings,
  set_bar: number,
): number {
  if (duty.sensor === null || range_bar === null || range_bar <= 0) return set_bar;
  return trueValue(set_bar, range_bar, duty.sensor.range_bar);
}

/** Pressure that it really holds at a draw, bar: as set, lifted with the draw; null where that is not known. */
export function heldAt_bar(context: DriveContext, settings: DriveSettings, draw_m3h: number): number | null {
  const { set_bar, lift_bar } = settings;
  if (set_bar === null || !holdsPressure(context.duty)) return null;
  const part = Math.min(1, draw_m3h / context.duty.draw.greatest_m3h);
  return really_bar(context, settings, set_bar + (lift_bar ?? 0) * part * part);
}

/** Pressure at which it really stops for no demand, bar: what it holds at no flow, and what it adds before it stops. */
export function stopsAt_bar(context: DriveContext, settings: DriveSettings): number | null {
  const { set_bar, boost_bar } = settings;
  return set_bar === null ? null : really_bar(context, settings, set_bar + (boost_bar ?? 0));
}

/** Pressure at which it really starts again, bar. */
export function startsAt_bar(context: DriveContext, settings: DriveSettings): number | null {
  return settings.cutIn_bar === null ? null : really_bar(context, settings, settings.cutIn_bar);
}
