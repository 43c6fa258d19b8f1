import { flowAgainst_m3h } from './closed-valve';
import { powerOfShare_W, shareFor, type FullCurve, type FullPower } from './head-line';

/** How alike pumps side by side share a draw: one follows it while the others run full, or all turn alike. */
export const SHARING = ['one-varies', 'all-vary'] as const;
export type Sharing = (typeof SHARING)[number];

/** Alike pumps on one header. */
export interface PumpSet {
  readonly curve: FullCurve;
  readonly power: FullPower;
  readonly count: number;
  /** greatest frequency, as a share of the rated one */
  readonly most: number;
}

/** Who runs at a draw, and what it takes. */
export interface Shared {
  readonly running: number;
  /** share of the rated frequency of each that runs, the one that varies first */
  readonly shares: readonly number[];
  readonly flows_m3h: readonly number[];
  readonly power_W: number;
}

/**
 * Who runs when so much is drawn at a head: as few as carry it, since the next starts only when the lead is at its greatest. Null where
 * all of them at their greatest do not carry it.
 */
export function sharedDraw(
  { curve, power, count, most }: PumpSet,
  way: Sharing,
  head_m: number,
  draw_m3h: number,
): Shared | null {
  if (draw_m3h <= 0) return { running: 0, shares: [], flows_m3h: [], power_W: 0 };
  const full_m3h = flowAgainst_m3h(curve, head_m, most);
  if (full_m3h === null || full_m3h <= 0) return null;
  const running = Math.max(1, Math.ceil(draw_m3h / full_m3h - 1e-9));
  if (running > count) return null;
  const first = way === 'all-vary' ? draw_m3h / running : draw_m3h - (running - 1) * full_m3h;
  const others = way === 'all-vary' ? first : full_m3h;
  const flows_m3h = Array.from({ length: running }, (_, i) => (i === 0 ? first : others));
  const shares = flows_m3h.map((flow) => shareFor(curve, flow, head_m));
  const power_W = flows_m3h.reduce((sum, flow, i) => sum + powerOfShare_W(power, flow, shares[i]), 0);
  return { running, shares, flows_m3h, power_W };
}
