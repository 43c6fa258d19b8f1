import {
  flowAtVelocity_m3h,
  isBeyond,
  pumpOnPipes,
  RETURN_VELOCITY_MS,
  speedsOf,
  SUCTION_VELOCITY_MS,
  throttledPoints,
  volume_m3,
  type PumpOnSystem,
} from '../../../hydraulics';
import { roundUpToStep } from '../../../units';
import type { Circuit } from '../wire/circuits';
import type { PoolDuty } from '../wire/duty';

export type { PumpOnSystem };

/** The points that were taken against a throttled pipework, by their place in the duty: they shape the pump's curve alone. */
export function pointsLeftOut({ points }: Pick<PoolDuty, 'points'>): number[] {
  return throttledPoints(points);
}

/** The speeds that points were taken at. */
export function measuredSpeeds({ points }: Pick<PoolDuty, 'points'>) {
  return speedsOf(points);
}

/** True of a speed outside what was measured: flow and power there are extrapolated. */
export function isExtrapolated({ points }: Pick<PoolDuty, 'points'>, speed_rpm: number): boolean {
  return isBeyond(points, speed_rpm);
}

/** The pump on its pipes, with the filter as it is before its wash. Throws an InputError on `points`. */
export function pumpOf({ points, beforeWash }: PoolDuty): PumpOnSystem {
  return pumpOnPipes(points, beforeWash);
}

/** A flow that must not be passed, and what sets it. */
export interface FlowWall {
  readonly what: 'filter' | 'cover' | 'suction' | 'return';
  readonly flow_m3h: number;
}

export const WALL_WORDS: Readonly<Record<FlowWall['what'], string>> = {
  filter: 'the filter’s rated flow',
  cover: 'the suction cover’s rated flow',
  suction: `${SUCTION_VELOCITY_MS} m/s in the suction pipe`,
  return: `${RETURN_VELOCITY_MS} m/s in the return pipe`,
};

/** The flows that must not be passed, the lowest first. They hold with a clean filter too, when most water flows. */
export function wallsOf({ limits }: PoolDuty): FlowWall[] {
  const { filter_m3h, cover_m3h, suction_mm, return_mm } = limits;
  const walls: (FlowWall | null)[] = [
    filter_m3h === null ? null : { what: 'filter', flow_m3h: filter_m3h },
    cover_m3h === null ? null : { what: 'cover', flow_m3h: cover_m3h },
    suction_mm === null
      ? null
      : { what: 'suction', flow_m3h: flowAtVelocity_m3h(SUCTION_VELOCITY_MS, suction_mm) },
    return_mm === null
      ? null
      : { what: 'return', flow_m3h: flowAtVelocity_m3h(RETURN_VELOCITY_MS, return_mm) },
  ];
  return walls.filter((wall) => wall !== null).sort((a, b) => a.flow_m3h - b.flow_m3h);
}

/** Flow with a clean filter at a speed, which the walls are held against, m³/h. */
export function cleanFlow_m3h(duty: PoolDuty, pump: PumpOnSystem, speed_rpm: number): number {
  return pump.flow_m3h(speed_rpm) / duty.beforeWash;
}

/** The highest speed that no wall forbids, rev/min, and the wall; null where no wall is known. */
export function wallSpeed(duty: PoolDuty, pump: PumpOnSystem): { speed_rpm: number; wall: FlowWall } | null {
  const [wall] = wallsOf(duty);
  return wall ? { speed_rpm: pump.speedFor_rpm(wall.flow_m3h * duty.beforeWash), wall } : null;
}

/** Water to move in a day, m³: each body's volume times its turnovers. */
export function neededPerDay_m3(duty: PoolDuty): number {
  return watersOf(duty).reduce((sum, { needed_m3 }) => sum + needed_m3, 0);
}

/** Water that is turned over by the same circuits, and so shares what they move. */
export interface Water {
  readonly names: readonly string[];
  /** the circuits that turn it over; null: whatever moves water */
  readonly circuits: readonly string[] | null;
  /** to move in a day, m³ */
  readonly needed_m3: number;
}

/** The bodies of water by the circuits that turn them over. */
export function watersOf(duty: PoolDuty): Water[] {
  const found = new Map<string, { names: string[]; circuits: string[] | null; needed_m3: number }>();
  for (const { name, shapes, depth_m, turnoversPerDay, circuits = [] } of duty.bodies) {
    const own = circuits.length === 0 ? null : [...circuits].sort();
    const key = JSON.stringify(own);
    const needed_m3 = volume_m3(shapes, depth_m) * turnoversPerDay;
    const known = found.get(key);
    if (known) {
      known.names.push(name);
      known.needed_m3 += needed_m3;
    } else found.set(key, { names: [name], circuits: own, needed_m3 });
  }
  return [...found.values()];
}

/** True where a circuit turns a water over; a run of no named circuit turns over whatever there is. */
export function turnsOver({ circuits }: Water, circuit: string | null): boolean {
  return circuits === null || circuit === null || circuits.includes(circuit);
}

/** All the water there is, m³. */
export function totalVolume_m3(duty: PoolDuty): number {
  return duty.bodies.reduce((sum, { shapes, depth_m }) => sum + volume_m3(shapes, depth_m), 0);
}

/** Least speed that gives a circuit its least flow, rounded up to the controller's step, rev/min. */
export function leastSpeed_rpm(pump: PumpOnSystem, circuit: Circuit, step_rpm: number): number {
  return roundUpToStep(pump.speedFor_rpm(circuit.leastFlow_m3h, circuit.static_m), step_rpm);
}
