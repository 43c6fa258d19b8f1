const NUMBER = String.raw`-?(?:\d+\.?\d*|\.\d+)`;
const POINT = String.raw`(${NUMBER})[\s,]+(${NUMBER})`;
const STROKE = new RegExp(String.raw`^\s*M\s*${POINT}(?:\s*L\s*${POINT})*\s*$`);
const POINTS = new RegExp(POINT, 'g');

export type SignaturePoint = readonly [x: number, y: number];

/** A stroke of a signature as its points, from SVG path data of one *move* and any *lines*; null for anything else. */
export function strokePoints(path: string): readonly SignaturePoint[] | null {
  if (!STROKE.test(path)) return null;
  return [...path.matchAll(POINTS)].map(([, x, y]) => [Number(x), Number(y)] as const);
}

/** Shorter than this, in the box's own units, all strokes together leave no mark that anybody could call a signature. */
const LEAST_LENGTH = 4;

/** Whether strokes leave a mark: a line of some length, not a point or nothing. */
export function leavesMark(paths: readonly string[]): boolean {
  let length = 0;
  for (const path of paths) {
    const points = strokePoints(path) ?? [];
    for (const [i, [x, y]] of points.entries()) {
      if (i > 0) length += Math.hypot(x - points[i - 1][0], y - points[i - 1][1]);
    }
  }
  return length >= LEAST_LENGTH;
}
