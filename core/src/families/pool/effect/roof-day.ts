import { solarRunning } from '../../../heat';
import { WEATHERS } from '../bench/bench';
import type { PoolDuty } from '../wire/duty';

/** A dry roof in full sun stands this far above the air, K. */
const SUN_LIFT_K = 40;

export interface RoofDay {
  /** roof without water and water, °C, by quarter of an hour */
  readonly trace: readonly (readonly [number, number])[];
  readonly running: readonly boolean[];
  readonly hours: number;
  readonly starts: number;
}

/** The roof over a mild, clear day: when it runs by the duty's two differences. Null where no roof heats the water. */
export function roofDay({ heat, water_C }: PoolDuty): RoofDay | null {
  if (!heat || (heat.source !== 'solar' && heat.source !== 'solar-first')) return null;
  const { air_C, sun } = WEATHERS.mild;
  const trace = Array.from({ length: 96 }, (_, i): [number, number] => {
    const hour = Math.floor(i / 4);
    const part = i / 4 - hour;
    const between = (values: readonly number[]) => values[hour] * (1 - part) + values[(hour + 1) % 24] * part;
    return [between(air_C) + SUN_LIFT_K * between(sun), water_C ?? heat.pool_C];
  });
  const running = solarRunning({ start_K: heat.startDifference_K, stop_K: heat.stopDifference_K }, trace);
  return {
    trace,
    running,
    hours: running.filter(Boolean).length / 4,
    starts: running.filter((on, i) => on && !running[i - 1]).length,
  };
}
