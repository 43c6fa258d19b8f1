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
  /** slots within the window in which it must run; all of them where as many as the window has */
  readonly count: number;
  /** by mode: whether it serves this need */
  readonly serves: readonly boolean[];
}

/** Days that are alike: the same prices, needs and caps. */
export interface DayClass {
  /** digits, 1 for Monday */
  readonly days: string;
  /** by slot, for each kWh */
  readonly price: readonly number[];
  /** water to move on each of these days */
  readonly volume_m3: number;
  /** by slot: greatest speed in quiet hours, null elsewhere */
  readonly cap_rpm: readonly (number | null)[];
  readonly needs: readonly PlanNeed[];
}

/**
 * The cheapest way to run a week: programs shared by days that are alike, at most as many as the controller has places for.
 */
export interface CheapestProblem {
  /** slots of a day, 96 for quarters of an hour */
  readonly slots: number;
  readonly modes: readonly PlanMode[];
  readonly classes: readonly DayClass[];
  /** the controller knows no weekdays: each program runs on every day */
  readonly everyDayOnly: boolean;
  readonly maxPrograms: number;
  /** shortest run and longest pause, in slots; null where no pause is too long */
  readonly leastRun: number;
  readonly longestPause: number | null;
  readonly leastFlow_m3h: number | null;
  /** the controller takes start = stop for all day; elsewhere a run of a whole day takes two programs */
  readonly wholeDay: boolean;
  /** a panel gives each circuit one speed */
  readonly oneSpeedPerCircuit: boolean;
}

/** All programs together are worth this share of the cost: of plans that cost the same, the one with fewer programs is taken. */
export const TIDY_SHARE = 1e-3;

/** The slowest way to run that moves a day's water in a whole day; undefined where none does. */
export function slowestEnough(modes: readonly PlanMode[], volume_m3: number): PlanMode | undefined {
  return [...modes]
    .sort((a, b) => a.flow_m3h - b.flow_m3h)
    .find(({ flow_m3h }) => flow_m3h * 24 >= volume_m3);
}

/** What a program more costs in the search: a thousandth of an even run's cost, over all places. It is no money. */
export function startWorth({ slots, modes, classes, maxPrograms }: CheapestProblem): number {
  const hours = 24 / slots;
  const even = classes.reduce((sum, day) => {
    const enough = slowestEnough(modes, day.volume_m3);
    const power = enough?.power_W ?? Math.max(0, ...modes.map(({ power_W }) => power_W));
    return (
      sum + day.days.length * day.price.reduce((cost, price) => cost + (price * power * hours) / 1000, 0)
    );
  }, 0);
  return maxPrograms > 0 ? (TIDY_SHARE * Math.max(0, even)) / maxPrograms : 0;
}

/** A demand that may be in the way of a plan. Needs are named by their place: `need:0`. */
export type Demand =
  'turnover' | 'pause' | 'least-flow' | 'quiet' | 'slots' | 'least-run' | 'one-speed' | `need:${string}`;

/** All demands that a problem makes. */
export function demandsOf(problem: CheapestProblem): Demand[] {
  const needs = [...new Set(problem.classes.flatMap((one) => one.needs.map(({ name }) => name)))];
  return [
    'turnover',
    ...needs.map((name): Demand => `need:${name}`),
    ...(problem.longestPause === null ? [] : (['pause'] as const)),
    ...(problem.leastFlow_m3h === null ? [] : (['least-flow'] as const)),
    ...(problem.classes.some(({ cap_rpm }) => cap_rpm.some((cap) => cap !== null))
      ? (['quiet'] as const)
      : []),
    ...(problem.leastRun > 1 ? (['least-run'] as const) : []),
    ...(problem.oneSpeedPerCircuit ? (['one-speed'] as const) : []),
    'slots',
  ];
}
