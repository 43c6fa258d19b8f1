import type { PoolDuty } from '../wire/duty';

/** The speeds that a pump has where it has two or one, the slowest first, rev/min: those at which it was measured; null where it has any. */
export function fixedSpeeds_rpm({
  pumpSpeeds,
  points,
}: Pick<PoolDuty, 'pumpSpeeds' | 'points'>): readonly number[] | null {
  if (pumpSpeeds === undefined || pumpSpeeds === 'variable') return null;
  const all = [...new Set(points.map(({ speed_rpm }) => speed_rpm))].sort((a, b) => a - b);
  return pumpSpeeds === 'one' ? all.slice(-1) : [...new Set([all[0], all[all.length - 1]])];
}

/** The slowest of the speeds there are that is fast enough; the fastest where none is. */
export function speedThere_rpm(speeds: readonly number[], wanted_rpm: number): number {
  return speeds.find((speed) => speed >= wanted_rpm - 1e-6) ?? speeds[speeds.length - 1];
}
