/** A change between two drawdowns larger than this is a jump: air, or a stroke length that moved. */
export const JUMP_SHARE = 0.05;
/** A fall that goes on over three drawdowns and comes to this is a steady one: valves or diaphragm. */
export const FALL_SHARE = 0.02;
const FALL_RUNS = 3;

export interface Drift {
  readonly kind: 'fall' | 'jump';
  /** change, as a share of the earlier figure; negative for a fall */
  readonly change: number;
}

/**
 * What the stroke volumes of accepted drawdowns say together, the oldest first: a jump between the last two, or a fall
 * that went on over three or more. Null when neither.
 */
export function driftOf(full_mL: readonly number[]): Drift | null {
  if (full_mL.length < 2) return null;
  const last = full_mL[full_mL.length - 1];
  const change = last / full_mL[full_mL.length - 2] - 1;
  if (Math.abs(change) > JUMP_SHARE) return { kind: 'jump', change };
  let falling = 1;
  for (let i = full_mL.length - 1; i > 0 && full_mL[i] < full_mL[i - 1]; i--) falling += 1;
  if (falling < FALL_RUNS) return null;
  const fall = last / full_mL[full_mL.length - falling] - 1;
  return fall <= -FALL_SHARE ? { kind: 'fall', change: fall } : null;
}
