import {
  pricesOfWeek,
  type CheapestAnswer,
  type CheapestProblem,
  type DayClass,
  type Demand,
  type PlanMode,
  type PriceWindow,
} from '../../schedule';
import { daysInWords, EVERY_DAY, onDay, timeOfDay } from '../../time';
import { fig, figureWithUnit, METRIC, roundUpToStep } from '../../units';
import { parameterWithRole } from '../../profile';
import { monthOf, type PoolContext } from './context';
import type { Circuit, WantedProgram } from './duty';
import { SLOT_MIN, SLOTS_PER_DAY } from './grid';
import { leastSpeed_rpm, neededPerDay_m3, pumpOf, type PumpOnSystem } from './hydraulics';
import { PoolDraft } from './plan-draft';
import { alwaysReady, filterCircuit, inWindow, speedRange } from './plan-programs';
import { scheduleSlots } from './plan-slots';

/** More speeds than this make the search slow without making the plan cheaper by anything one would pay for. */
const MOST_SPEEDS = 12;

/** The problem that the cheapest plan of a week solves, from duty, controller and tariff. Throws an InputError like `weekSums`. */
export function cheapestProblem(context: PoolContext): CheapestProblem {
  const { duty, profile } = context;
  const pump = pumpOf(duty);
  const modes = modesOf(context, pump);
  const slots = scheduleSlots(new PoolDraft(context));
  const { longestPause_min, leastRun_min, leastFlow_m3h } = duty;
  return {
    slots: SLOTS_PER_DAY,
    modes,
    classes: classesOf(context, pump, modes),
    everyDayOnly: parameterWithRole(profile, 'program.days') === undefined,
    maxPrograms: slots.length,
    leastRun: Math.max(1, Math.ceil(leastRun_min / SLOT_MIN)),
    longestPause: longestPause_min === null ? null : Math.floor(longestPause_min / SLOT_MIN),
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
  const special = [
    greatest_rpm,
    even,
    ...(duty.quiet ? [duty.quiet.greatest_rpm] : []),
    ...needed.map(speedOf),
  ];
  for (const speed of special) if (speed >= base && speed <= greatest_rpm) speeds.add(speed);
  const mode = (speed_rpm: number, circuit: Circuit): PlanMode => ({
    speed_rpm,
    flow_m3h: pump.flow_m3h(speed_rpm, circuit.static_m),
    power_W: pump.power_W(speed_rpm),
    circuit: circuit.name,
  });
  const filtering = [...speeds].sort((a, b) => a - b).map((speed) => mode(speed, filter));
  if (profile.behaviours.kind !== 'panel') return filtering;
  const switched = needed.filter(({ place, name }) => place !== null && name !== filter.name);
  return [...filtering, ...switched.map((circuit) => mode(speedOf(circuit), circuit))];
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
  const volume_m3 = neededPerDay_m3(duty);
  const cap_rpm = Array.from({ length: SLOTS_PER_DAY }, (_, t) => {
    const { quiet } = duty;
    return quiet && inWindow(t * SLOT_MIN, quiet.from, quiet.to) ? quiet.greatest_rpm : null;
  });
  const found = new Map<string, DayClass>();
  Array.from(EVERY_DAY).forEach((digit, d) => {
    const price = Array.from({ length: SLOTS_PER_DAY }, (_, t) => priceOf(prices[d], t));
    const needs = duty.needs.flatMap((need) => {
      const circuit = duty.circuits.find(({ name }) => name === need.circuit);
      if (!circuit || !onDay(need.days, d + 1)) return [];
      const from = Math.floor(need.from / SLOT_MIN);
      const to = Math.ceil(need.to / SLOT_MIN);
      const count = need.hours === null ? to - from : Math.ceil((need.hours * 60) / SLOT_MIN - 1e-9);
      return [
        {
          name: need.circuit,
          from,
          to,
          count,
          serves: modes.map((mode) => serves(context, pump, circuit, mode)),
        },
      ];
    });
    const key = JSON.stringify([price, needs]);
    const known = found.get(key);
    found.set(key, { days: (known?.days ?? '') + digit, price, volume_m3, cap_rpm, needs });
  });
  return [...found.values()];
}

/** Mean price over a slot, for windows that do not keep to its grain. */
function priceOf(windows: readonly PriceWindow[], slot: number): number {
  const [from, to] = [slot * SLOT_MIN, (slot + 1) * SLOT_MIN];
  const mean = windows.reduce((sum, window) => {
    const minutes = Math.max(0, Math.min(to, window.to) - Math.max(from, window.from));
    return sum + (window.price * minutes) / SLOT_MIN;
  }, 0);
  return Number(mean.toPrecision(10));
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
  const covered = Array.from({ length: SLOTS_PER_DAY }, (_, t) => t).filter(
    (t) => inWindow(t * SLOT_MIN, start, stop) || start === stop,
  );
  const prices = [...new Set(covered.map((t) => day.price[t]))].sort((a, b) => a - b);
  const all = [...new Set(day.price)];
  const level =
    all.length === 1
      ? 'one price all day'
      : prices[0] === Math.max(...all)
        ? `dear at ${prices[0]}`
        : prices[prices.length - 1] === Math.min(...all)
          ? `cheap at ${prices[0]}`
          : `at ${prices.join(' and ')} ${duty.tariff.currency}`;
  const served = day.needs
    .filter((need) => need.serves[mode] && covered.some((t) => t >= need.from && t < need.to))
    .map(
      ({ name, from, to }) => `${name} between ${timeOfDay(from * SLOT_MIN)} and ${timeOfDay(to * SLOT_MIN)}`,
    );
  const capped = covered.some((t) => day.cap_rpm[t] === speed_rpm);
  const slowest = speed_rpm === Math.min(...problem.modes.map((one) => one.speed_rpm));
  return [
    `${figureWithUnit(fig('waterFlow', flow_m3h), METRIC)}, ${level}`,
    ...(served.length > 0 ? [`serves ${served.join(', ')}`] : []),
    ...(capped ? ['at the cap of the quiet hours'] : []),
    ...(slowest && served.length === 0 ? ['the least speed that skims and filters'] : []),
  ].join('; ');
}

/** What stands in the way of any plan, each demand in words with its figures. */
export function conflictWords(
  context: PoolContext,
  problem: CheapestProblem,
  conflict: readonly Demand[],
): string[] {
  const { duty } = context;
  const water = (value: number) => figureWithUnit(fig('waterVolume', value), METRIC);
  const most = problem.modes.reduce((best, mode) => (mode.speed_rpm > best.speed_rpm ? mode : best));
  return conflict.map((demand) => {
    switch (demand) {
      case 'turnover':
        return `${water(neededPerDay_m3(duty))} a day, and at most ${figureWithUnit(fig('speed', most.speed_rpm), METRIC)} (${figureWithUnit(fig('waterFlow', most.flow_m3h), METRIC)}) is allowed`;
      case 'pause':
        return `no pause longer than ${duty.longestPause_min} min`;
      case 'least-flow':
        return `never less than ${figureWithUnit(fig('waterFlow', duty.leastFlow_m3h ?? 0), METRIC)}`;
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
  return `${name}: ${hours} at ${figureWithUnit(fig('waterFlow', circuit.leastFlow_m3h), METRIC)} between ${timeOfDay(need.from)} and ${timeOfDay(need.to)}, ${daysInWords(need.days)}`;
}
