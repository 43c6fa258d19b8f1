import { DAY_MIN } from '../../time';

/** One way to run: a speed, with what it moves and takes, and the circuit it runs. */
export interface PlanMode {
  readonly speed_rpm: number;
  readonly flow_m3h: number;
  readonly power_W: number;
  readonly circuit: string | null;
}

/** What a circuit needs within a window of a day. */
export interface PlanNeed {
  readonly name: string;
  /** slots of the day, the last not included */
  readonly from: number;
  readonly to: number;
  /** minutes within the window in which it must run */
  readonly minutes: number;
  /** by mode: whether it serves this need */
  readonly serves: readonly boolean[];
}

/** A water that must be moved in a day. */
export interface PlanVolume {
  readonly volume_m3: number;
  /** by mode: whether it turns this water over */
  readonly counts: readonly boolean[];
}

/** Days that are alike: the same prices, needs and caps. */
export interface DayClass {
  /** digits, 1 for Monday */
  readonly days: string;
  /** by slot, for each kWh */
  readonly price: readonly number[];
  /** waters to move on each of these days, each by the modes that turn it over */
  readonly volumes: readonly PlanVolume[];
  /** by slot: greatest speed in quiet hours, null elsewhere */
  readonly cap_rpm: readonly (number | null)[];
  readonly needs: readonly PlanNeed[];
}

/**
 * The cheapest way to run a week: programs shared by days that are alike, at most as many as the controller has places for.
 */
export interface CheapestProblem {
  /** where the slots of a day begin, and its end, in minutes: each runs from one mark to the next */
  readonly marks: readonly number[];
  readonly modes: readonly PlanMode[];
  readonly classes: readonly DayClass[];
  /** the controller knows no weekdays: each program runs on every day */
  readonly everyDayOnly: boolean;
  readonly maxPrograms: number;
  /** shortest run and longest pause; null where no pause is too long */
  readonly leastRun_min: number;
  readonly longestPause_min: number | null;
  readonly leastFlow_m3h: number | null;
  /** the controller takes start = stop for all day; elsewhere a run of a whole day takes two programs */
  readonly wholeDay: boolean;
  /** a panel gives each circuit one speed */
  readonly oneSpeedPerCircuit: boolean;
}

/** All programs together are worth this share of the cost: of plans that cost the same, the one with fewer programs is taken. */
export const TIDY_SHARE = 1e-3;

/** Marks of a day in slots of one length. */
export function evenMarks(slots: number): number[] {
  return Array.from({ length: slots + 1 }, (_, i) => (i * DAY_MIN) / slots);
}

/** Slots of a day. */
export function slotsOf({ marks }: Pick<CheapestProblem, 'marks'>): number {
  return marks.length - 1;
}

/** Hours that a slot lasts. */
export function hoursOf({ marks }: Pick<CheapestProblem, 'marks'>, slot: number): number {
  return (marks[slot + 1] - marks[slot]) / 60;
}

/** The slowest way to run that moves a day's water in a whole day; undefined where none does. */
export function slowestEnough(
  modes: readonly PlanMode[],
  { volume_m3, counts }: PlanVolume,
): PlanMode | undefined {
  return modes
    .filter((_, s) => counts[s])
    .sort((a, b) => a.flow_m3h - b.flow_m3h)
    .find(({ flow_m3h }) => flow_m3h * 24 >= volume_m3);
}

/** What a program more costs in the search: a thousandth of an even run's cost, over all places. It is no money. */
export function startWorth(problem: CheapestProblem): number {
  const { modes, classes, maxPrograms } = problem;
  const even = classes.reduce((sum, day) => {
    const enough = day.volumes.length > 0 ? slowestEnough(modes, day.volumes[0]) : undefined;
    const power = enough?.power_W ?? Math.max(0, ...modes.map(({ power_W }) => power_W));
    return (
      sum +
      day.days.length *
        day.price.reduce((cost, price, t) => cost + (price * power * hoursOf(problem, t)) / 1000, 0)
    );
  }, 0);
  return maxPrograms > 0 ? (TIDY_SHARE * Math.max(0, even)) / maxPrograms : 0;
}

/** A demand that may be in the way of a plan. Needs are named by their place: `need:0`. */
export type Demand =
  'turnover' | 'pause' | 'least-flow' | 'quiet' | 'slots' | 'least-run' | 'one-speed' | `need:${string}`;

/** The shortest slot: no run is shorter, whatever is asked. */
function shortest({ marks }: CheapestProblem): number {
  return Math.min(...marks.slice(1).map((mark, i) => mark - marks[i]));
}

/** All demands that a problem makes. */
export function demandsOf(problem: CheapestProblem): Demand[] {
  const needs = [...new Set(problem.classes.flatMap((one) => one.needs.map(({ name }) => name)))];
  return [
    'turnover',
    ...needs.map((name): Demand => `need:${name}`),
    ...(problem.longestPause_min === null ? [] : (['pause'] as const)),
    ...(problem.leastFlow_m3h === null ? [] : (['least-flow'] as const)),
    ...(problem.classes.some(({ cap_rpm }) => cap_rpm.some((cap) => cap !== null))
      ? (['quiet'] as const)
      : []),
    ...(problem.leastRun_min > shortest(problem) ? (['least-run'] as const) : []),
    ...(problem.oneSpeedPerCircuit ? (['one-speed'] as const) : []),
    'slots',
  ];
}
