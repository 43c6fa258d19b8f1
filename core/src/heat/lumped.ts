import { InputError, requireFinite, requireNotNegative, requirePositive } from '../input';

/** Heat that a litre of water holds for each kelvin, Wh: 1.163 kWh/(m³·K). */
const WH_PER_LITRE_K = 1.163;

/** Heat that a body of water holds for each kelvin, Wh/K: C = 1.163·V, V in L. */
export function heldHeat_WhK(volume_L: number): number {
  return WH_PER_LITRE_K * requirePositive('volume_l', volume_L, 'The volume');
}

/** A body of water that loses heat to the air around it in proportion to the difference: lumped cooling. */
export interface Body {
  readonly held_WhK: number;
  /** heat lost for each kelvin of difference, W/K */
  readonly loss_WK: number;
}

/**
 * Loss of a body of water, from a cool-down without any heat: k = C/Δt · ln((T0 − Ta)/(T1 − Ta)), W/K. Throws an InputError where the
 * water did not cool towards the air: no loss can be told from that.
 */
export function lossOfCoolDown_WK(held_WhK: number, { from_C, to_C, air_C, hours_h }: CoolDown): number {
  requirePositive('hours', hours_h, 'The time');
  requireFinite('air_c', air_C, 'The air');
  if (!(from_C > to_C))
    throw new InputError('to_c', 'The water must be cooler at the end than at the start.');
  if (!(to_C > air_C)) throw new InputError('air_c', 'The air must be colder than the water at the end.');
  return (held_WhK / hours_h) * Math.log((from_C - air_C) / (to_C - air_C));
}

/** Water that cooled with nothing on. */
export interface CoolDown {
  readonly from_C: number;
  readonly to_C: number;
  readonly air_C: number;
  readonly hours_h: number;
}

/** The temperature that a heat holds in the end, °C: T = Ta + P/k; without loss there is none, and it is endless. */
export function balance_C(air_C: number, heat_W: number, loss_WK: number): number {
  requireNotNegative('heater_kw', heat_W, 'The heat');
  requireNotNegative('loss_kwk', loss_WK, 'The loss');
  if (loss_WK === 0) return heat_W > 0 ? Infinity : air_C;
  return air_C + heat_W / loss_WK;
}

/**
 * Time that a heat takes from one temperature to a higher one, h: t = C/k · ln((T_eq − T0)/(T_eq − T1)), C·ΔT/P without loss; null where it
 * never gets there, nil where it is there.
 */
export function warmUp_h(
  { held_WhK, loss_WK }: Body,
  heat_W: number,
  air_C: number,
  from_C: number,
  to_C: number,
): number | null {
  requireFinite('from_c', from_C, 'The water');
  requireFinite('to_c', to_C, 'The wanted temperature');
  if (to_C <= from_C) return 0;
  const end = balance_C(air_C, heat_W, loss_WK);
  if (end === Infinity) return (held_WhK * (to_C - from_C)) / heat_W;
  return end <= to_C ? null : (held_WhK / loss_WK) * Math.log((end - from_C) / (end - to_C));
}

/** Heat that a body loses in a day while it is held warm, kWh: 24·k·(T − Ta); none where the air is as warm. */
export function standing_kWh(loss_WK: number, held_C: number, air_C: number): number {
  return (24 * loss_WK * Math.max(0, held_C - air_C)) / 1000;
}

/** Temperature after a short while of a heat, °C: T + (P − k·(T − Ta))·Δt/C. */
export function after_C(
  { held_WhK, loss_WK }: Body,
  at_C: number,
  heat_W: number,
  air_C: number,
  hours_h: number,
): number {
  return at_C + ((heat_W - loss_WK * (at_C - air_C)) * hours_h) / held_WhK;
}
