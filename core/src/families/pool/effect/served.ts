import { THRESHOLDS } from '../../../findings';
import type { PoolContext } from '../settings/context';
import type { Circuit } from '../wire/circuits';
import type { PumpOnSystem } from './hydraulics';
import type { RunStretch } from './week';

/** Whether a stretch gives a circuit its least flow; on a panel a program must also run that circuit. */
export function serves(
  { profile }: PoolContext,
  pump: PumpOnSystem,
  stretch: RunStretch,
  circuit: Circuit,
): boolean {
  if (stretch.speed_rpm === 0) return false;
  const panel = profile.behaviours.kind === 'panel' && circuit.place !== null;
  const runs = [stretch.program, ...stretch.suppressed].some((program) => program?.circuit === circuit.place);
  if (panel && !runs) return false;
  return (
    pump.flow_m3h(stretch.speed_rpm, circuit.static_m) >= circuit.leastFlow_m3h * (1 - THRESHOLDS.volumeDust)
  );
}

/** Minutes between two minutes of the week in which a circuit gets its least flow. */
export function served_min(
  context: PoolContext,
  pump: PumpOnSystem,
  week: readonly RunStretch[],
  circuit: Circuit,
  from: number,
  to: number,
): number {
  return week.reduce((sum, stretch) => {
    const minutes = Math.min(to, stretch.to) - Math.max(from, stretch.from);
    return minutes > 0 && serves(context, pump, stretch, circuit) ? sum + minutes : sum;
  }, 0);
}
