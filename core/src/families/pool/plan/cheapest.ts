import { fixedSpeeds_rpm, speedThere_rpm } from '../effect/fixed-speeds';
import {
  costOfBlocks,
  monthsInWords,
  pricesOfWeek,
  seasonsOf,
  unmetBy,
  type CheapestAnswer,
  type CheapestProblem,
  type DayClass,
  type Demand,
  type PlanMode,
  type PlannedBlock,
  inWindow,
} from '../../../schedule';
import { daysInWords, EVERY_DAY, onDay, timeOfDay } from '../../../time';
import { fig, figureWithUnit, presentReader, roundDownToStep, roundUpToStep } from '../../../units';
import { parameterWithRole } from '../../../profile';
import { monthOf, type PoolContext } from '../settings/context';
import type { Circuit } from '../wire/circuits';
import type { WantedProgram } from '../wire/programs';
import { marksOf } from '../effect/grid';
import {
  leastSpeed_rpm,
  neededPerDay_m3,
  pumpOf,
  turnsOver,
  watersOf,
  type PumpOnSystem,
} from '../effect/hydraulics';
import { planPool } from './plan';
import { PoolDraft } from './draft';
import { alwaysReady, filterCircuit, onOwnSteps, speedRange, tidyPrograms, timeStep_min } from './programs';
import { scheduleSlots } from './slots';
import { waterCircuits } from '../settings/pumping';
import { trueWeek, weekSums } from '../effect/week';

/** More speeds than this make the search slow without making the plan cheaper by anything one would pay for. */
const MOST_SPEEDS = 12;

/** The problem that the cheapest plan of a week solves, from duty, controller and tariff. Throws an InputError like `weekSums`. */
export function cheapestProblem(asked: PoolContext): CheapestProblem {
  const context = onOwnSteps(asked);
  const { duty, profile } = context;
  const pump = pumpOf(duty);
  const modes = modesOf(context, pump);
  const slots = scheduleSlots(new PoolDraft(context));
  const { longestPause_min, leastRun_min, leastFlow_m3h } = duty;
  return {
    marks: marksOf(duty, timeStep_min(profile)),
    modes,
    classes: classesOf(context, pump, modes),
    everyDayOnly: parameterWithRole(profile, 'program.days') === undefined,
    maxPrograms: slots.length,
    leastRun_min,
    longestPause_min,
    leastFlow_m3h,
    wholeDay: profile.behaviours.programs.startEqualsStop === 'all-day',
    oneSpeedPerCircuit: profile.behaviours.kind === 'panel',
  };
}

/** The speeds of the filter circuit, evenly over what is allowed, and what the needs ask for; on a panel their circuits too. */
function modesOf(context: PoolContext, pump: PumpOnSystem): PlanMode[] {
  const { duty, profile } = context;
  const { least_rpm, greatest_rpm, step_rpm } = speedRange(context);
  const filter = filterCircuit(context);
  const base = Math.max(
    least_rpm,
    ...[filter, ...alwaysReady(context)].map((circuit) => leastSpeed_rpm(pump, circuit, step_rpm)),
  );
  const needed = duty.circuits.filter((circuit) => duty.needs.some((need) => need.circuit === circuit.name));
  const speedOf = (circuit: Circuit) =>
    Math.min(greatest_rpm, Math.max(base, leastSpeed_rpm(pump, circuit, step_rpm)));
  const grain = Math.max(step_rpm, roundUpToStep((greatest_rpm - base) / (MOST_SPEEDS - 1), step_rpm));
  const speeds = new Set<number>();
  for (let speed = base; speed <= greatest_rpm; speed += grain) speeds.add(speed);
  const even = roundUpToStep(pump.speedFor_rpm(neededPerDay_m3(duty) / 24), step_rpm);
  const tidy = tidyPrograms(context);
  // every speed that a limit, a need or the simple plan asks for is among those tried
  const special = [
    greatest_rpm,
    even,
    ...(duty.quiet ? [roundDownToStep(duty.quiet.greatest_rpm, step_rpm)] : []),
    ...(duty.leastFlow_m3h === null ? [] : [roundUpToStep(pump.speedFor_rpm(duty.leastFlow_m3h), step_rpm)]),
    ...needed.map(speedOf),
    ...[...tidy, ...(duty.programs ?? [])]
      .filter(({ circuit }) => circuit === filter.name)
      .map(({ speed_rpm }) => speed_rpm),
  ];
  for (const speed of special) if (speed >= base && speed <= greatest_rpm) speeds.add(speed);
  const fixed = fixedSpeeds_rpm(duty);
  const tried = fixed ? new Set([...speeds].map((speed) => speedThere_rpm(fixed, speed))) : speeds;
  const mode = (speed_rpm: number, circuit: Circuit): PlanMode => ({
    speed_rpm,
    flow_m3h: pump.flow_m3h(speed_rpm, circuit.static_m),
    power_W: pump.power_W(speed_rpm),
    circuit: circuit.name,
  });
  const filtering = [...tried].sort((a, b) => a - b).map((speed) => mode(speed, filter));
  if (profile.behaviours.kind !== 'panel') return filtering;
  const own = watersOf(duty).flatMap(({ circuits }) => circuits ?? []);
  const switched = waterCircuits(duty).filter(
    (circuit) =>
      circuit.place !== null &&
      circuit.name !== filter.name &&
      (needed.includes(circuit) || own.includes(circuit.name)),
  );
  return [
    ...filtering,
    ...switched.flatMap((circuit) => {
      const speeds = tidy
        .filter((program) => program.circuit === circuit.name)
        .map(({ speed_rpm }) => speed_rpm);
      return [...new Set([speedOf(circuit), ...speeds])].map((speed) => mode(speed, circuit));
    }),
  ];
}

function serves(
  context: PoolContext,
  pump: PumpOnSystem,
  circuit: Circuit,
  { speed_rpm, circuit: runs }: PlanMode,
): boolean {
  const panel = context.profile.behaviours.kind === 'panel' && circuit.place !== null;
  if (panel && runs !== circuit.name) return false;
  return pump.flow_m3h(speed_rpm, circuit.static_m) >= circuit.leastFlow_m3h * (1 - 1e-9);
}

function classesOf(context: PoolContext, pump: PumpOnSystem, modes: readonly PlanMode[]): DayClass[] {
  const { duty, today } = context;
  const { days: prices } = pricesOfWeek(duty.tariff.windows, monthOf(today));
  const marks = marksOf(duty, timeStep_min(context.profile));
  const slots = marks.slice(0, -1);
  const volumes = watersOf(duty).map((water) => ({
    volume_m3: water.needed_m3,
    counts: modes.map(({ circuit }) => turnsOver(water, circuit)),
  }));
  const cap_rpm = slots.map((mark) => {
    const { quiet } = duty;
    return quiet && inWindow(mark, quiet.from, quiet.to) ? quiet.greatest_rpm : null;
  });
  const found = new Map<string, DayClass>();
  Array.from(EVERY_DAY).forEach((digit, d) => {
    const price = slots.map((mark) => prices[d].find(({ from, to }) => mark >= from && mark < to)!.price);
    const needs = duty.needs.flatMap((need) => {
      const circuit = duty.circuits.find(({ name }) => name === need.circuit);
      if (!circuit || !onDay(need.days, d + 1)) return [];
      return [
        {
          name: need.circuit,
          from: marks.indexOf(need.from),
          to: marks.indexOf(need.to),
          minutes: need.hours === null ? need.to - need.from : need.hours * 60,
          serves: modes.map((mode) => serves(context, pump, circuit, mode)),
        },
      ];
    });
    const key = JSON.stringify([price, needs]);
    const known = found.get(key);
    found.set(key, { days: (known?.days ?? '') + digit, price, volumes, cap_rpm, needs });
  });
  return [...found.values()];
}

/**
 * What a search starts from, so that it never answers what is dearer: the cheaper of the simple plan and of what is planned now,
 * as blocks of the problem, of those that meet all its demands. Undefined where neither does.
 */
export function startOf(context: PoolContext, problem: CheapestProblem): readonly PlannedBlock[] | undefined {
  return [tidyPrograms(context), context.duty.programs]
    .flatMap((programs) => {
      const blocks = programs && blocksIn(problem, programs);
      return blocks && unmetBy(problem, blocks).length === 0 ? [blocks] : [];
    })
    .sort((a, b) => costOfBlocks(problem, a) - costOfBlocks(problem, b))[0];
}

/** Programs as blocks of a problem; null where one of them is none of the problem's ways to run. */
function blocksIn({ modes }: CheapestProblem, programs: readonly WantedProgram[]): PlannedBlock[] | null {
  const blocks = programs.map(({ days, start, stop, speed_rpm, circuit }) => ({
    days,
    start,
    stop,
    mode: modes.findIndex((mode) => mode.speed_rpm === speed_rpm && mode.circuit === circuit),
  }));
  return blocks.some(({ mode }) => mode < 0) ? null : blocks;
}

/** What “proven” is said of: which speeds, which steps of time, whose prices; and what is not in it. */
export function scopeWords(context: PoolContext, problem: CheapestProblem): string {
  const speeds = [...new Set(problem.modes.map(({ speed_rpm }) => speed_rpm))].sort((a, b) => a - b);
  const words = (speed: number) => figureWithUnit(fig('speed', speed), presentReader());
  const range =
    speeds.length === 1
      ? words(speeds[0])
      : `${speeds.length} speeds from ${words(speeds[0])} to ${words(speeds[speeds.length - 1])}`;
  const seasons = seasonsOf(context.duty.tariff.windows);
  const months = seasons.find((group) => group.includes(monthOf(context.today))) ?? [];
  const season = seasons.length === 1 ? 'the year’s one tariff' : `the prices of ${monthsInWords(months)}`;
  return `Over ${range}, starts on the quarter hour or where a window begins or ends, and ${season}. Primes are not in it.`;
}

/** A block of the cheapest plan as a program, with why it is there. */
export interface ReasonedProgram extends WantedProgram {
  readonly reason: string;
}

/** The blocks of an answer as programs, each with its reason. */
export function programsOfAnswer(
  context: PoolContext,
  problem: CheapestProblem,
  { blocks }: Extract<CheapestAnswer, { kind: 'plan' }>,
): ReasonedProgram[] {
  return blocks.map((block) => {
    const mode = problem.modes[block.mode];
    return {
      name: mode.circuit ?? '',
      days: block.days,
      start: block.start,
      stop: block.stop,
      speed_rpm: mode.speed_rpm,
      circuit: mode.circuit,
      reason: reasonOf(context, problem, block.mode, block.days, block.start, block.stop),
    };
  });
}

function reasonOf(
  context: PoolContext,
  problem: CheapestProblem,
  mode: number,
  days: string,
  start: number,
  stop: number,
): string {
  const { duty } = context;
  const { speed_rpm, flow_m3h } = problem.modes[mode];
  const day = problem.classes.find((one) => days.includes(one.days[0])) ?? problem.classes[0];
  const { marks } = problem;
  const covered = marks
    .slice(0, -1)
    .flatMap((mark, t) => (inWindow(mark, start, stop) || start === stop ? [t] : []));
  const prices = [...new Set(covered.map((t) => day.price[t]))].sort((a, b) => a - b);
  // the peak is that of the week: a weekend without one has only its own cheapest hours
  const all = [...new Set(problem.classes.flatMap(({ price }) => price))];
  const level =
    all.length === 1
      ? 'one price all week'
      : prices[0] === Math.max(...all)
        ? `in the peak hours at ${prices[0]} ${duty.tariff.currency}`
        : prices[prices.length - 1] === Math.min(...all)
          ? `in the cheapest hours at ${prices[0]} ${duty.tariff.currency}`
          : `at ${prices.join(' and ')} ${duty.tariff.currency}`;
  const served = day.needs
    .filter((need) => need.serves[mode] && covered.some((t) => t >= need.from && t < need.to))
    .map(({ name, from, to }) => `${name} between ${timeOfDay(marks[from])} and ${timeOfDay(marks[to])}`);
  const capped = covered.some((t) => day.cap_rpm[t] === speed_rpm);
  const slowest = speed_rpm === Math.min(...problem.modes.map((one) => one.speed_rpm));
  return [
    `${figureWithUnit(fig('waterFlow', flow_m3h), presentReader())}, ${level}`,
    ...(served.length > 0 ? [`serves ${served.join(', ')}`] : []),
    ...(capped ? ['at the cap of the quiet hours'] : []),
    ...(slowest && served.length === 0 ? ['the minimum speed that skims and filters'] : []),
  ].join('; ');
}

/** What stands in the way of any plan, each demand in words with its figures. */
export function conflictWords(
  context: PoolContext,
  problem: CheapestProblem,
  conflict: readonly Demand[],
): string[] {
  const { duty } = context;
  const water = (value: number) => figureWithUnit(fig('waterVolume', value), presentReader());
  const most = problem.modes.reduce((best, mode) => (mode.speed_rpm > best.speed_rpm ? mode : best));
  return conflict.map((demand) => {
    switch (demand) {
      case 'turnover':
        return `${water(neededPerDay_m3(duty))} a day, and at most ${figureWithUnit(fig('speed', most.speed_rpm), presentReader())} (${figureWithUnit(fig('waterFlow', most.flow_m3h), presentReader())}) is allowed`;
      case 'pause':
        return `no pause longer than ${duty.longestPause_min} min`;
      case 'least-flow':
        return `never less than ${figureWithUnit(fig('waterFlow', duty.leastFlow_m3h ?? 0), presentReader())}`;
      case 'quiet':
        return `at most ${duty.quiet?.greatest_rpm} rev/min from ${timeOfDay(duty.quiet?.from ?? 0)} to ${timeOfDay(duty.quiet?.to ?? 0)}`;
      case 'slots':
        return `${problem.maxPrograms} ${problem.maxPrograms === 1 ? 'slot' : 'slots'} for schedules on this controller`;
      case 'least-run':
        return `no run shorter than ${duty.leastRun_min} min`;
      case 'one-speed':
        return 'one speed for each circuit of the panel';
      default:
        return needWords(context, demand.slice('need:'.length));
    }
  });
}

function needWords({ duty }: PoolContext, name: string): string {
  const need = duty.needs.find(({ circuit }) => circuit === name);
  const circuit = duty.circuits.find((one) => one.name === name);
  if (!need || !circuit) return name;
  const hours = need.hours === null ? 'all the time' : `${need.hours} h`;
  return `${name}: ${hours} at ${figureWithUnit(fig('waterFlow', circuit.leastFlow_m3h), presentReader())} between ${timeOfDay(need.from)} and ${timeOfDay(need.to)}, ${daysInWords(need.days)}`;
}

/** What a month costs as these programs truly run, primes included, in the duty's currency. */
export function costOfPrograms(context: PoolContext, programs: readonly WantedProgram[]): number {
  const planned = { ...context, duty: { ...context.duty, programs: [...programs] } };
  const { settings } = planPool(planned);
  return weekSums(planned, trueWeek({ ...planned, clockAhead_min: 0 }, settings), settings).costMonth;
}
