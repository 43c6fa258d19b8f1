import { DAY_MIN, onDay, WEEK_MIN } from '../time';

/** Which program has the pump while several want it; the controller's own habit. */
export const OVERLAP_RULES = ['latest-start', 'highest-speed', 'first-slot', 'last-slot'] as const;
export type OverlapRule = (typeof OVERLAP_RULES)[number];

/** What a controller makes of its programs. */
export interface WeekRules {
  /** `refused`: it does not store an overlap; of two that overlap the first slot stands */
  readonly overlap: OverlapRule | 'refused';
  /** whether an earlier program goes on when the one that took the pump from it ends */
  readonly resumes: boolean;
  /** what start = stop means to it */
  readonly startEqualsStop: 'off' | 'all-day' | 'refused';
}

/** A stored program of a week: days as digits, start and stop in minutes from midnight by the controller's clock. */
export interface WeekProgram {
  readonly slot: number;
  readonly days: string;
  readonly start: number;
  readonly stop: number;
  readonly speed: number;
  /** stored is not running: false keeps it from running */
  readonly enabled?: boolean;
}

/** A stretch of time with one outcome: the program that has the pump, or null while it stands. */
export interface Stretch<P> {
  readonly from: number;
  readonly to: number;
  readonly program: P | null;
  /** programs that want the pump here and do not get it */
  readonly suppressed: readonly P[];
}

interface Occurrence<P> {
  readonly program: P;
  readonly since: number;
  readonly until: number;
}

/** Minutes that one run of a program lasts; 0 when it never runs. What stops before it starts runs past midnight. */
export function length_min(program: WeekProgram, rules: Pick<WeekRules, 'startEqualsStop'>): number {
  if (program.start === program.stop) return rules.startEqualsStop === 'all-day' ? DAY_MIN : 0;
  return program.stop > program.start ? program.stop - program.start : program.stop + DAY_MIN - program.start;
}

/**
 * What truly runs over a repeating week, by the controller's own clock: every minute has exactly one outcome. Ties go to the
 * lower slot; what runs past midnight belongs to the day it started on. Stretches are in order, without gap or overlap, from
 * Monday 0:00 to the end of Sunday.
 */
export function resolveWeek<P extends WeekProgram>(programs: readonly P[], rules: WeekRules): Stretch<P>[] {
  // the week before is walked too: what began in it may still run, or have been ended
  const occurrences = programs.flatMap((program) => occurrencesOf(program, rules));
  const marks = new Set([-WEEK_MIN, 0, WEEK_MIN]);
  for (const { since, until } of occurrences) {
    marks.add(since);
    marks.add(Math.min(until, WEEK_MIN));
  }
  const edges = [...marks].sort((a, b) => a - b);
  const stretches: Stretch<P>[] = [];
  const ended = new Set<Occurrence<P>>();
  let holder: Occurrence<P> | null = null;
  for (const [i, from] of edges.slice(0, -1).entries()) {
    const wanting = occurrences
      .filter((one) => one.since <= from && from < one.until && !ended.has(one))
      .sort((a, b) => before(a, b, rules.overlap) || a.program.slot - b.program.slot);
    const winner = wanting[0] ?? null;
    if (!rules.resumes && holder && winner !== holder && holder.until > from) {
      ended.add(holder);
      wanting.splice(wanting.indexOf(holder), 1);
    }
    holder = winner;
    if (from < 0) continue;
    const suppressed = wanting.slice(1).map(({ program }) => program);
    const last = stretches[stretches.length - 1];
    const program = winner?.program ?? null;
    if (last && last.program === program && same(last.suppressed, suppressed)) {
      stretches[stretches.length - 1] = { ...last, to: edges[i + 1] };
    } else stretches.push({ from, to: edges[i + 1], program, suppressed });
  }
  return stretches;
}

function occurrencesOf<P extends WeekProgram>(program: P, rules: WeekRules): Occurrence<P>[] {
  const lasts = program.enabled === false ? 0 : length_min(program, rules);
  if (lasts === 0) return [];
  const out: Occurrence<P>[] = [];
  for (let day = -7; day < 7; day++) {
    if (!onDay(program.days, ((day + 7) % 7) + 1)) continue;
    const since = day * DAY_MIN + program.start;
    out.push({ program, since, until: since + lasts });
  }
  return out;
}

/** Below zero when `a` has the pump before `b`; zero when the rule does not part them. */
function before<P extends WeekProgram>(
  a: Occurrence<P>,
  b: Occurrence<P>,
  rule: WeekRules['overlap'],
): number {
  switch (rule) {
    case 'latest-start':
      return b.since - a.since;
    case 'highest-speed':
      return b.program.speed - a.program.speed;
    case 'first-slot':
    case 'refused':
      return a.program.slot - b.program.slot;
    case 'last-slot':
      return b.program.slot - a.program.slot;
  }
}

function same<P>(a: readonly P[], b: readonly P[]): boolean {
  return a.length === b.length && a.every((program, i) => program === b[i]);
}

/** Programs that want the pump somewhere in the week and never get it. */
export function neverRunning<P>(stretches: readonly Stretch<P>[]): P[] {
  const winners = new Set(stretches.map(({ program }) => program));
  const losers = new Set(stretches.flatMap(({ suppressed }) => suppressed));
  return [...losers].filter((program) => !winners.has(program));
}

/**
 * The week as it will truly run with a clock that is some minutes off: a clock ahead runs everything early. The stretch over
 * the end of the week is cut there.
 */
export function shiftedWeek<P>(stretches: readonly Stretch<P>[], clockAhead_min: number): Stretch<P>[] {
  const by = ((-clockAhead_min % WEEK_MIN) + WEEK_MIN) % WEEK_MIN;
  const moved = stretches.flatMap((stretch): Stretch<P>[] => {
    const from = stretch.from + by;
    const to = stretch.to + by;
    if (to <= WEEK_MIN) return [{ ...stretch, from, to }];
    if (from >= WEEK_MIN) return [{ ...stretch, from: from - WEEK_MIN, to: to - WEEK_MIN }];
    return [
      { ...stretch, from, to: WEEK_MIN },
      { ...stretch, from: 0, to: to - WEEK_MIN },
    ];
  });
  return moved.sort((a, b) => a.from - b.from);
}
