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
} from '../../hydraulics';
import { InputError } from '../../input';
import { roundUpToStep } from '../../units';
import type { Circuit, PoolDuty } from './duty';

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
    power_W: (speed_rpm) => powerAt_W(law, speed_rpm),
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
  return duty.bodies.reduce(
    (sum, { shapes, depth_m, turnoversPerDay }) => sum + volume_m3(shapes, depth_m) * turnoversPerDay,
    0,
  );
}

/** All the water there is, m³. */
export function totalVolume_m3(duty: PoolDuty): number {
  return duty.bodies.reduce((sum, { shapes, depth_m }) => sum + volume_m3(shapes, depth_m), 0);
}

/** Least speed that gives a circuit its least flow, rounded up to the controller's step, rev/min. */
export function leastSpeed_rpm(pump: PumpOnSystem, circuit: Circuit, step_rpm: number): number {
  return roundUpToStep(pump.speedFor_rpm(circuit.leastFlow_m3h, circuit.static_m), step_rpm);
}
