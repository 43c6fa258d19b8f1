import { InputError, requirePositive } from '../input';

/** Pressure of the air around, bar: gauges read from it. */
export const AIR_bar = 1.013;

/** A pressure vessel with its gas, gauge pressures. */
export interface Vessel {
  readonly volume_L: number;
  /** as measured empty of water */
  readonly precharge_bar: number;
}

/**
 * Water that a vessel gives between two pressures, L: V·p_pre·(1/max(p_start, p_pre) − 1/p_stop), absolute (the gas keeps its
 * temperature). None where the pre-charge is at or above the stop pressure.
 */
export function usableWater_L(
  { volume_L, precharge_bar }: Vessel,
  start_bar: number,
  stop_bar: number,
): number {
  requirePositive('vessel_l', volume_L, 'The vessel');
  if (stop_bar <= start_bar)
    throw new InputError('stop_bar', 'It must stop at a higher pressure than it starts at.');
  const [pre, start, stop] = [precharge_bar, start_bar, stop_bar].map((gauge) => gauge + AIR_bar);
  if (pre >= stop) return 0;
  return volume_L * pre * (1 / Math.max(start, pre) - 1 / stop);
}

/**
 * Starts in an hour at a steady draw below the flow at which the pump stops: 1/(V/q + V/(q_fill − q) + t_stop). Throws an InputError
 * on `draw_m3h` for a draw that the pump cannot pass while it fills.
 */
export function startsPerHour(usable_L: number, draw_m3h: number, fill_m3h: number, delay_s: number): number {
  requirePositive('draw_m3h', draw_m3h, 'Demand');
  if (fill_m3h <= draw_m3h)
    throw new InputError('draw_m3h', 'At this demand the vessel never fills: the pump runs through.');
  const usable_m3 = usable_L / 1000;
  return 1 / (usable_m3 / draw_m3h + usable_m3 / (fill_m3h - draw_m3h) + delay_s / 3600);
}
