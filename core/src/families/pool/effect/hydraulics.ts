import {
  crossing_m3h,
  fitCurve,
  fitPower,
  flowAtVelocity_m3h,
  powerAt_W,
  RETURN_VELOCITY_MS,
  speedAtCrossing_rpm,
  SUCTION_VELOCITY_MS,
  systemThrough,
  volume_m3,
  type PowerLaw,
} from '../../../hydraulics';
import { InputError } from '../../../input';
import { roundUpToStep } from '../../../units';
import type { Circuit, PoolDuty } from '../wire/duty';

/** Speed, flow and power of a pump on its pipework, as its points tell. */
export interface PumpOnSystem {
  readonly law: PowerLaw;
  /** flow at a speed into pipes that lift nothing, with the filter as it is before its wash, m³/h */
  flow_m3h(speed_rpm: number, static_m?: number): number;
  power_W(speed_rpm: number): number;
  /** speed that gives a flow, rev/min */
  speedFor_rpm(flow_m3h: number, static_m?: number): number;
}

/** Points with less of the greatest flow for each turn than this were throttled: they tell the pump's curve, not the pipes. */
const THROTTLED_BELOW = 0.9;

function onSystem(points: PoolDuty['points']): PoolDuty['points'] {
  const most = Math.max(...points.map(({ flow_m3h, speed_rpm }) => flow_m3h / speed_rpm));
  return points.filter(({ flow_m3h, speed_rpm }) => flow_m3h / speed_rpm >= most * THROTTLED_BELOW);
}

/** The points that were taken against a throttled pipework, by their place in the duty: they shape the pump's curve alone. */
export function pointsLeftOut({ points }: Pick<PoolDuty, 'points'>): number[] {
  const used = new Set(onSystem(points));
  return points.flatMap((point, i) => (used.has(point) ? [] : [i]));
}

/** A speed this much beyond the measured ones is reckoned, not measured. */
const BEYOND_MEASURED = 0.05;
/** However slowly it turns, a motor and its drive take this share of what they took at the slowest measured point. */
const POWER_FLOOR = 0.1;

/** The speeds that points were taken at. */
export function measuredSpeeds({ points }: Pick<PoolDuty, 'points'>): {
  least_rpm: number;
  greatest_rpm: number;
} {
  const speeds = points.map(({ speed_rpm }) => speed_rpm);
  return { least_rpm: Math.min(...speeds), greatest_rpm: Math.max(...speeds) };
}

/** True of a speed outside what was measured: flow and power there are extrapolated. */
export function isExtrapolated(duty: Pick<PoolDuty, 'points'>, speed_rpm: number): boolean {
  const { least_rpm, greatest_rpm } = measuredSpeeds(duty);
  return speed_rpm < least_rpm * (1 - BEYOND_MEASURED) || speed_rpm > greatest_rpm * (1 + BEYOND_MEASURED);
}

/**
 * The pump as the duty's points tell. Without lift flow ∝ speed, fitted through the points; with lift the pump's curve and the
 * system's are crossed, the lift on top of what the pipes of the points lose. A lifted circuit's own pipes lose more: its flow is
 * proved at the pump. Throws an InputError on `points` for points that cannot be fitted.
 */
export function pumpOf(duty: PoolDuty): PumpOnSystem {
  const flowing = onSystem(duty.points);
  const law = fitPower(flowing.map(({ speed_rpm, power_W }): [number, number] => [speed_rpm, power_W]));
  // least squares through the origin: each point counts by its speed
  const perTurn =
    flowing.reduce((sum, { speed_rpm, flow_m3h }) => sum + speed_rpm * flow_m3h, 0) /
    flowing.reduce((sum, { speed_rpm }) => sum + speed_rpm * speed_rpm, 0);
  const share = duty.beforeWash;
  const slowest = flowing.reduce((a, b) => (b.speed_rpm < a.speed_rpm ? b : a));
  const floor_W = POWER_FLOOR * powerAt_W(law, slowest.speed_rpm);
  const lifted = (static_m: number) => {
    const heads = duty.points.map(({ speed_rpm, flow_m3h, head_m }) => ({
      speed_rpm,
      flow_m3h,
      head_m: head_m ?? NaN,
    }));
    if (heads.some(({ head_m }) => Number.isNaN(head_m))) {
      throw new InputError('points', 'A circuit lifts water: enter the head at each point.');
    }
    const top = heads.reduce((best, point) => (point.flow_m3h > best.flow_m3h ? point : best));
    // the points were taken without the lift: it comes on top of what their pipes lose
    return { pump: fitCurve(heads, top.speed_rpm), system: { ...systemThrough(top, 0), static_m } };
  };
  return {
    law,
    power_W: (speed_rpm) => Math.max(floor_W, powerAt_W(law, speed_rpm)),
    flow_m3h: (speed_rpm, static_m = 0) => {
      if (static_m === 0) return perTurn * speed_rpm * share;
      const { pump, system } = lifted(static_m);
      return crossing_m3h(pump, system, speed_rpm) * share;
    },
    speedFor_rpm: (flow_m3h, static_m = 0) => {
      if (static_m === 0) return flow_m3h / share / perTurn;
      const { pump, system } = lifted(static_m);
      return speedAtCrossing_rpm(pump, system, flow_m3h / share);
    },
  };
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
