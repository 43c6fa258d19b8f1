import { airPressure_bar, waterVapour_bar } from '../../../dosing';
import type { MeteringDuty } from '../wire/duty';

/** Temperature taken for the liquid where none is stated, °C: a store in the shade. */
const LIQUID_C = 20;
const G_ms2 = 9.81;
const PA_PER_BAR = 1e5;

/** The suction side with everything that a formula needs, and in words what was assumed for want of an answer. */
export interface SuctionSide {
  readonly air_bar: number;
  /** pressure on the liquid, bar absolute */
  readonly tank_bar: number;
  readonly vapour_bar: number;
  readonly friction_m: number;
  readonly assumed: readonly string[];
}

/** What is known of the suction side; sea level, water's own vapour and no friction where nobody said otherwise. */
export function suctionSide({ suction }: MeteringDuty): SuctionSide {
  const altitude_m = suction?.altitude_m ?? null;
  const air_bar = airPressure_bar(altitude_m ?? 0);
  const tank_bar = suction?.tank_bar ?? null;
  const vapour_bar = suction?.vapour_bar ?? null;
  const liquid_C = suction?.liquid_C ?? null;
  const friction_m = suction?.friction_m ?? null;
  return {
    air_bar,
    tank_bar: tank_bar ?? air_bar,
    vapour_bar: vapour_bar ?? waterVapour_bar(liquid_C ?? LIQUID_C),
    friction_m: friction_m ?? 0,
    assumed: [
      ...(altitude_m === null && tank_bar === null ? ['an open tank at sea level'] : []),
      ...(vapour_bar === null
        ? [
            liquid_C === null
              ? `the vapour pressure of water at ${LIQUID_C} °C`
              : 'the vapour pressure of water',
          ]
        : []),
      ...(friction_m === null ? ['no friction in the suction pipe'] : []),
    ],
  };
}

/** What was assumed, as a finding says it; undefined where nothing was. */
export function assumedWords(assumed: readonly string[]): string | undefined {
  return assumed.length === 0 ? undefined : `Taken for want of an answer: ${assumed.join('; ')}.`;
}

/**
 * Pressure at the suction valve while nothing moves, bar absolute: p_tank + ρ·g·z, z positive where the liquid stands above
 * the pump; never below none.
 */
export function atSuctionValve_bar(tank_bar: number, level_m: number, density_kgl: number): number {
  return Math.max(0.01, tank_bar + (density_kgl * 1000 * G_ms2 * level_m) / PA_PER_BAR);
}

/** The back pressures that this pump may see, bar above ambient: the usual one and the site's swing together; null where none is known. */
export function dischargeSpan_bar({
  place,
  pressure,
}: MeteringDuty): { least: number; greatest: number } | null {
  const known = [place.dischargePressure_bar, pressure?.least_bar, pressure?.greatest_bar].filter(
    (bar) => bar !== null && bar !== undefined,
  );
  return known.length === 0 ? null : { least: Math.min(...known), greatest: Math.max(...known) };
}
