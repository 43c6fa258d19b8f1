import { answeredWith } from '../../../describe';
import { parameterWithRole } from '../../../profile';
import { costInWeek, pricesOfWeek, type WeekPrices, inWindow } from '../../../schedule';
import { DAY_MIN, onDay } from '../../../time';
import { roundDownToStep, roundToStep, roundUpToStep } from '../../../units';
import { monthOf, type PoolContext } from '../settings/context';
import type { Circuit, Need } from '../wire/circuits';
import type { WantedProgram } from '../wire/programs';
import {
  emptyGrid,
  marksOf,
  programsOf,
  SLOT_MIN,
  type Cell,
  type DayMarks,
  type WeekGrid,
} from '../effect/grid';
import {
  leastSpeed_rpm,
  pumpOf,
  turnsOver,
  wallSpeed,
  watersOf,
  type PumpOnSystem,
  type Water,
} from '../effect/hydraulics';
import { fixedSpeeds_rpm, speedThere_rpm } from '../effect/fixed-speeds';
import { mayRest } from './rest';
import { waterCircuits } from '../settings/pumping';

export { inWindow };

/** Speeds that a plan may use: the controller's own, and below every limit of the plant. */
export function speedRange(context: PoolContext): {
  readonly least_rpm: number;
  readonly greatest_rpm: number;
  readonly step_rpm: number;
} {
  const { speed } = context.profile.behaviours;
  const wall = wallSpeed(context.duty, pumpOf(context.duty));
  const capped = Math.min(
    speed.greatest_rpm,
    context.plate.greatest_rpm ?? Infinity,
    wall?.speed_rpm ?? Infinity,
  );
  return { ...speed, greatest_rpm: roundToStep(capped - speed.step_rpm / 2 + 1e-6, speed.step_rpm) };
}

/** The circuit through which everything is filtered. */
export function filterCircuit({ duty }: PoolContext): Circuit {
  const circuits = waterCircuits(duty);
  return circuits.find(({ kind }) => kind === 'filter') ?? circuits[0];
}

/** Everything that a tidy plan is worked out from, once. */
interface Ground {
  readonly context: PoolContext;
  readonly pump: PumpOnSystem;
  readonly marks: DayMarks;
  readonly prices: WeekPrices;
  readonly range: ReturnType<typeof speedRange>;
  readonly filter: Circuit;
  readonly waters: readonly Water[];
}

/**
 * One long slow run that meets the turnover, where it costs least, and on top of it what the circuits need: the plan before
 * anyone has moved a program or asked for the cheapest one. Where quiet hours cap it the other hours run faster, as fast as is
 * allowed if it must be. It writes no overlaps.
 */
export function tidyPrograms(asked: PoolContext): WantedProgram[] {
  const context = onOwnSteps(asked);
  const { duty, profile } = context;
  const ground: Ground = {
    context,
    pump: pumpOf(duty),
    marks: marksOf(duty, timeStep_min(profile)),
    prices: pricesOfWeek(duty.tariff.windows, monthOf(context.today)),
    range: speedRange(context),
    filter: filterCircuit(context),
    waters: watersOf(duty),
  };
  const grid = slowestGrid(ground);
  return programsOf(grid, profile.behaviours.programs.startEqualsStop === 'all-day', ground.marks);
}

/** The steps in which this controller takes times, min. */
export function timeStep_min(profile: PoolContext['profile']): number {
  return Math.max(1, parameterWithRole(profile, 'program.start')?.step ?? 1);
}

/**
 * The duty with its windows on the steps of this controller: quiet hours are widened to them, and so are needs, so that what is entered
 * is never loud in a quiet minute and never ends before what needs it.
 */
export function onOwnSteps(context: PoolContext): PoolContext {
  const step = timeStep_min(context.profile);
  if (step === 1) return context;
  const down = (minute: number) => Math.floor(minute / step) * step;
  const up = (minute: number) => Math.min(DAY_MIN, Math.ceil(minute / step) * step);
  const { duty } = context;
  const quiet = duty.quiet && { ...duty.quiet, from: down(duty.quiet.from), to: up(duty.quiet.to) % DAY_MIN };
  const needs = duty.needs.map((need) => ({ ...need, from: down(need.from), to: up(need.to) }));
  return { ...context, duty: answeredWith(duty, { quiet, needs }) };
}

/** The grid of the slowest speed that moves all waters on every day; the fastest one's where none does. */
function slowestGrid(ground: Ground): WeekGrid {
  const { range, pump, filter, waters } = ground;
  const own = waters.find((water) => turnsOver(water, filter.name));
  const slowest = slowestAllowed(ground);
  const fixed = fixedSpeeds_rpm(ground.context.duty);
  if (fixed) {
    // few speeds: the slowest of them that moves all waters, else the fastest that the plant allows
    const there = fixed.filter((speed) => speed >= slowest && speed <= range.greatest_rpm + range.step_rpm);
    const grids = (there.length > 0 ? there : [speedThere_rpm(fixed, slowest)]).map((speed) =>
      gridAt(ground, speed),
    );
    return grids.find((grid) => movesAll(ground, grid)) ?? grids[grids.length - 1];
  }
  const wanted = Math.max(
    slowest,
    roundUpToStep(pump.speedFor_rpm((own?.needed_m3 ?? 0) / 24, filter.static_m), range.step_rpm),
  );
  const first = Math.min(range.greatest_rpm, wanted);
  const steps = Math.max(0, Math.round((range.greatest_rpm - first) / range.step_rpm));
  const at = (step: number) => gridAt(ground, first + step * range.step_rpm);
  const meets = (grid: WeekGrid) => movesAll(ground, grid);
  const tidy = at(0);
  if (steps === 0 || meets(tidy)) return tidy;
  let low = 0;
  let high = steps;
  const fastest = at(steps);
  if (!meets(fastest)) return fastest;
  // a faster run moves more: the slowest that does is found by halving
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (meets(at(middle))) high = middle;
    else low = middle;
  }
  return at(high);
}

function slowestAllowed({ context, pump, range, filter }: Ground): number {
  const { leastFlow_m3h } = context.duty;
  return Math.max(
    range.least_rpm,
    leastSpeed_rpm(pump, filter, range.step_rpm),
    ...alwaysReady(context).map((circuit) => leastSpeed_rpm(pump, circuit, range.step_rpm)),
    leastFlow_m3h === null ? 0 : roundUpToStep(pump.speedFor_rpm(leastFlow_m3h), range.step_rpm),
  );
}

function gridAt(ground: Ground, speed_rpm: number): WeekGrid {
  const { context, filter, marks, waters } = ground;
  const { duty } = context;
  const grid = emptyGrid(marks);
  const own = waters.find((water) => turnsOver(water, filter.name));
  const cellAt = (i: number): Cell | null => {
    const speed = quietSpeed(ground, i, speed_rpm);
    return speed === null ? null : { speed_rpm: speed, circuit: filter.name, name: filter.name };
  };
  const pauseAllowed = duty.longestPause_min ?? DAY_MIN;
  const all = duty.leastFlow_m3h !== null;
  const window = all
    ? { from: 0, count: marks.length - 1 }
    : cheapestWindow(
        ground,
        cellAt,
        own?.needed_m3 ?? 0,
        Math.max(DAY_MIN - pauseAllowed, duty.leastRun_min),
      );
  for (const day of grid) {
    for (let k = 0; k < window.count; k++) {
      const i = (window.from + k) % (marks.length - 1);
      day[i] = cellAt(i);
    }
  }
  for (const water of waters) if (water !== own) paintWater(ground, grid, water);
  for (const need of duty.needs) paintNeed(ground, grid, need);
  return grid;
}

/** The speed that a slot may have: in quiet hours no more than their cap; null where the cap lies below what the pump must run at. */
function quietSpeed(
  { context, marks, range, filter, pump }: Ground,
  i: number,
  speed_rpm: number,
): number | null {
  const { quiet } = context.duty;
  if (!quiet || !inWindow(marks[i], quiet.from, quiet.to) || speed_rpm <= quiet.greatest_rpm)
    return speed_rpm;
  const capped = roundDownToStep(quiet.greatest_rpm, range.step_rpm);
  // heater and chlorinator that may work at any time must have their flow in quiet hours too, or there is no run then; but where the
  // water may not stand for so long, that comes first
  const served = mayRest(context.duty, quiet) ? [filter, ...alwaysReady(context)] : [filter];
  const least = Math.max(
    range.least_rpm,
    ...served.map((circuit) => leastSpeed_rpm(pump, circuit, range.step_rpm)),
  );
  return capped >= least ? capped : null;
}

/** The stretch of the day that moves the water (and lasts as long as it must) at least cost in a mean day; the whole day where nothing less does. */
function cheapestWindow(
  { pump, marks, prices, filter }: Ground,
  cellAt: (i: number) => Cell | null,
  needed_m3: number,
  least_min: number,
): { from: number; count: number } {
  const slots = marks.length - 1;
  const cells = Array.from({ length: slots }, (_, i) => cellAt(i));
  const long = (i: number) => marks[i + 1] - marks[i];
  const moved = cells.map((cell, i) =>
    cell === null ? 0 : (pump.flow_m3h(cell.speed_rpm, filter.static_m) * long(i)) / 60,
  );
  const cost = cells.map((cell, i) => {
    if (cell === null) return 0;
    const power = pump.power_W(cell.speed_rpm);
    return prices.days.reduce(
      (sum, _, d) => sum + costInWeek(prices, d * DAY_MIN + marks[i], d * DAY_MIN + marks[i + 1], power).cost,
      0,
    );
  });
  let best = { from: 0, count: slots };
  let least = Infinity;
  for (let from = 0; from < slots; from++) {
    // programs begin on a quarter of an hour, but where a window does
    if (cells[from] === null) continue;
    let water = 0;
    let minutes = 0;
    let money = 0;
    let count = 0;
    while (count < slots && (water < needed_m3 * (1 - 1e-12) || minutes < least_min)) {
      const i = (from + count) % slots;
      water += moved[i];
      minutes += cells[i] === null ? 0 : long(i);
      money += cost[i];
      count += 1;
    }
    if (water < needed_m3 * (1 - 1e-9)) continue;
    if (money < least - 1e-12) {
      least = money;
      best = { from, count };
    }
  }
  // what is left over is too short to rest in
  const rest =
    DAY_MIN -
    Array.from({ length: best.count }, (_, k) => long((best.from + k) % slots)).reduce((a, b) => a + b, 0);
  return rest < 2 * SLOT_MIN ? { from: 0, count: slots } : best;
}

/** A water of other circuits gets a run of its own, where nothing runs yet as far as that goes. */
function paintWater({ context, pump, marks, range }: Ground, grid: WeekGrid, water: Water): void {
  const circuit = waterCircuits(context.duty).find(({ name }) => water.circuits?.includes(name));
  if (!circuit || water.needed_m3 === 0) return;
  const speed_rpm = Math.min(
    range.greatest_rpm,
    Math.max(range.least_rpm, leastSpeed_rpm(pump, circuit, range.step_rpm)),
  );
  const flow = pump.flow_m3h(speed_rpm, circuit.static_m);
  const needed_min = flow > 0 ? (water.needed_m3 / flow) * 60 : DAY_MIN;
  const cell: Cell = { speed_rpm, circuit: circuit.name, name: circuit.name };
  for (const day of grid) {
    const order = day
      .map((_, i) => i)
      .sort((a, b) => Number(day[a] !== null) - Number(day[b] !== null) || a - b);
    let minutes = 0;
    for (const i of order) {
      if (minutes >= needed_min) break;
      day[i] = cell;
      minutes += marks[i + 1] - marks[i];
    }
  }
}

/** True where every water is moved as often as it has to be, on every day. */
function movesAll({ pump, marks, waters, context }: Ground, grid: WeekGrid): boolean {
  const lifts = new Map(context.duty.circuits.map(({ name, static_m }) => [name, static_m]));
  return waters.every((water) =>
    grid.every((day) => {
      const moved = day.reduce((sum, cell, i) => {
        if (!cell || !turnsOver(water, cell.circuit)) return sum;
        const flow = pump.flow_m3h(cell.speed_rpm, lifts.get(cell.circuit ?? '') ?? 0);
        return sum + (flow * (marks[i + 1] - marks[i])) / 60;
      }, 0);
      return moved >= water.needed_m3 * (1 - 1e-9);
    }),
  );
}

/** Heater and chlorinator that may work whenever water flows: no panel gives them a speed, and no window bounds them. */
export function alwaysReady({ duty }: PoolContext): Circuit[] {
  const bounded = (circuit: Circuit) => duty.needs.some((need) => need.circuit === circuit.name);
  return duty.circuits.filter(
    (circuit) =>
      circuit.place === null &&
      !bounded(circuit) &&
      ((circuit.kind === 'heater' && duty.heat !== null && duty.heat.source !== 'off') ||
        (circuit.kind === 'chlorinator' && duty.chlorinator !== null)),
  );
}

/** A need in its window: all of it, or the part that is quiet-safe first, then served already, then cheapest. */
function paintNeed(ground: Ground, grid: WeekGrid, need: Need): void {
  const { context, pump, marks, range, prices, filter } = ground;
  // a controller without weekdays runs every day alike: what is needed on one is run on all
  const daily = parameterWithRole(context.profile, 'program.days') === undefined;
  const { duty } = context;
  const circuit = duty.circuits.find(({ name }) => name === need.circuit);
  if (!circuit) return;
  const speed_rpm = Math.min(
    range.greatest_rpm,
    Math.max(range.least_rpm, leastSpeed_rpm(pump, circuit, range.step_rpm)),
  );
  const inside = marks
    .slice(0, -1)
    .flatMap((mark, i) => (mark >= need.from && marks[i + 1] <= need.to ? [i] : []));
  const wanted_min = need.hours === null ? need.to - need.from : need.hours * 60;
  const tooLoud = (i: number) =>
    duty.quiet && speed_rpm > duty.quiet.greatest_rpm && inWindow(marks[i], duty.quiet.from, duty.quiet.to);
  const long = (i: number) => marks[i + 1] - marks[i];
  grid.forEach((day, d) => {
    if (!daily && !onDay(need.days, d + 1)) return;
    const serves = (i: number) => {
      const cell = day[i];
      // what already runs fast enough serves a circuit that no panel has to switch
      return (
        cell !== null &&
        cell.speed_rpm >= speed_rpm &&
        (circuit.place === null || cell.circuit === circuit.name)
      );
    };
    const weight = (i: number) =>
      (tooLoud(i) ? 1e6 * long(i) : 0) +
      (serves(i) ? 0 : costInWeek(prices, d * DAY_MIN + marks[i], d * DAY_MIN + marks[i + 1], 1000).cost);
    let best: number[] = inside;
    let least = Infinity;
    for (let first = 0; first < inside.length; first++) {
      let minutes = 0;
      let sum = 0;
      let count = 0;
      while (first + count < inside.length && minutes < wanted_min - 1e-6) {
        minutes += long(inside[first + count]);
        sum += weight(inside[first + count]);
        count += 1;
      }
      if (minutes < wanted_min - 1e-6) break;
      if (sum < least - 1e-12) {
        least = sum;
        best = inside.slice(first, first + count);
      }
    }
    for (const i of best) {
      if (serves(i)) continue;
      day[i] = {
        speed_rpm: Math.max(speed_rpm, day[i]?.speed_rpm ?? 0),
        // what no panel switches is served through the filter’s own program
        circuit: circuit.place === null ? filter.name : circuit.name,
        name: circuit.name,
      };
    }
  });
}
