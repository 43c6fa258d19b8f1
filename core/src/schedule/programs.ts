/** Minutes of one repeating day. */
export const DAY_MIN = 1440;

/** Which program has the pump while several want it; the controller's own habit. */
export const OVERLAP_RULES = ['latest-start', 'highest-speed', 'first-slot', 'last-slot'] as const;
export type OverlapRule = (typeof OVERLAP_RULES)[number];

/** A stored program: start and stop in minutes from midnight. Start = stop is off. */
export interface Program {
  readonly slot: number;
  readonly start: number;
  readonly stop: number;
  readonly speed: number;
  /** stored is not running: false keeps it from running */
  readonly enabled?: boolean;
}

/** A stretch of the day with one outcome: the program that has the pump, or null while it stands. */
export interface Segment {
  readonly from: number;
  readonly to: number;
  readonly program: Program | null;
  /** programs that want the pump here and do not get it */
  readonly suppressed: readonly Program[];
}

interface Wanting {
  readonly program: Program;
  /** minute at which it started; what runs past midnight started yesterday, below 0 */
  readonly since: number;
}

/**
 * What truly runs over one repeating day. Ties go to the lower slot; the earlier program resumes when the later one ends;
 * what runs past midnight belongs to the day it started on. Stretches are in order, without gap or overlap, 0 to 1440.
 */
export function resolveDay(programs: readonly Program[], rule: OverlapRule): Segment[] {
  const live = programs.filter((program) => program.enabled !== false && program.start !== program.stop);
  const marks = new Set([0, DAY_MIN, ...live.flatMap(({ start, stop }) => [start, stop])]);
  const edges = [...marks].sort((a, b) => a - b);
  const segments: Segment[] = [];
  for (const [i, from] of edges.slice(0, -1).entries()) {
    const to = edges[i + 1];
    const wanting = live
      .flatMap((program) => wants(program, from))
      .sort((a, b) => before(a, b, rule) || a.program.slot - b.program.slot);
    const program = wanting[0]?.program ?? null;
    const suppressed = wanting.slice(1).map((other) => other.program);
    const last = segments[segments.length - 1];
    if (last && last.program === program && same(last.suppressed, suppressed)) {
      segments[segments.length - 1] = { ...last, to };
    } else segments.push({ from, to, program, suppressed });
  }
  return segments;
}

function wants(program: Program, minute: number): Wanting[] {
  const { start, stop } = program;
  if (start < stop) return minute >= start && minute < stop ? [{ program, since: start }] : [];
  if (minute >= start) return [{ program, since: start }];
  return minute < stop ? [{ program, since: start - DAY_MIN }] : [];
}

/** Below zero when `a` has the pump before `b`; zero when the rule does not part them. */
function before(a: Wanting, b: Wanting, rule: OverlapRule): number {
  switch (rule) {
    case 'latest-start':
      return b.since - a.since;
    case 'highest-speed':
      return b.program.speed - a.program.speed;
    case 'first-slot':
      return a.program.slot - b.program.slot;
    case 'last-slot':
      return b.program.slot - a.program.slot;
  }
}

function same(a: readonly Program[], b: readonly Program[]): boolean {
  return a.length === b.length && a.every((program, i) => program === b[i]);
}
