import { costInWeek, pricesOfWeek } from '../../schedule';
import { DAY_MIN, onDay } from '../../time';
import { roundToStep, roundUpToStep } from '../../units';
import { monthOf, type PoolContext } from './context';
import type { Circuit, WantedProgram } from './duty';
import { emptyGrid, programsOf, SLOT_MIN, SLOTS_PER_DAY, type WeekGrid } from './grid';
import { leastSpeed_rpm, neededPerDay_m3, pumpOf, wallSpeed, type PumpOnSystem } from './hydraulics';

/** Speeds that a plan may use: the controller's own, and below every wall. */
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
  return duty.circuits.find(({ kind }) => kind === 'filter') ?? duty.circuits[0];
}

/**
 * One long slow run that meets the turnover, where it costs least, and on top of it what the circuits need: the plan before
 * anyone has moved a program or asked for the cheapest one. It writes no overlaps.
 */
export function tidyPrograms(context: PoolContext): WantedProgram[] {
  const { duty, profile } = context;
  const pump = pumpOf(duty);
  const range = speedRange(context);
  const filter = filterCircuit(context);
  const slowest = Math.max(
    range.least_rpm,
    leastSpeed_rpm(pump, filter, range.step_rpm),
    ...alwaysReady(context).map((circuit) => leastSpeed_rpm(pump, circuit, range.step_rpm)),
    duty.leastFlow_m3h === null ? 0 : roundUpToStep(pump.speedFor_rpm(duty.leastFlow_m3h), range.step_rpm),
  );
  const needed = neededPerDay_m3(duty);
  const wanted = Math.max(slowest, roundUpToStep(pump.speedFor_rpm(needed / 24), range.step_rpm));
  const speed = Math.min(range.greatest_rpm, wanted);
  const pauseAllowed = duty.longestPause_min ?? DAY_MIN;
  const least_min = Math.max((needed / pump.flow_m3h(speed)) * 60, DAY_MIN - pauseAllowed, duty.leastRun_min);
  const all = duty.leastFlow_m3h !== null || least_min > DAY_MIN - 2 * SLOT_MIN;
  const slots = all ? SLOTS_PER_DAY : Math.ceil(least_min / SLOT_MIN - 1e-9);
  const grid = emptyGrid();
  const from = all ? 0 : cheapestStart(context, slots);
  const base = { speed_rpm: speed, circuit: filter.name, name: filter.name };
  for (const day of grid) for (let i = 0; i < slots; i++) day[(from + i) % SLOTS_PER_DAY] = base;
  paintQuiet(context, grid);
  paintNeeds(context, grid, pump);
  return programsOf(grid, profile.behaviours.programs.startEqualsStop === 'all-day');
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

/** Where a run of some quarters costs least in a mean day of the week. */
function cheapestStart({ duty, today }: PoolContext, slots: number): number {
  const prices = pricesOfWeek(duty.tariff.windows, monthOf(today));
  const price = Array.from({ length: SLOTS_PER_DAY }, (_, i) =>
    prices.days.reduce((sum, _day, d) => {
      const at = d * DAY_MIN + i * SLOT_MIN;
      return sum + costInWeek(prices, at, at + SLOT_MIN, 1000).cost;
    }, 0),
  );
  let best = 0;
  let least = Infinity;
  for (let start = 0; start < SLOTS_PER_DAY; start++) {
    let sum = 0;
    for (let i = 0; i < slots; i++) sum += price[(start + i) % SLOTS_PER_DAY];
    if (sum < least - 1e-12) {
      least = sum;
      best = start;
    }
  }
  return best;
}

function paintQuiet({ duty }: PoolContext, grid: WeekGrid): void {
  const { quiet } = duty;
  if (!quiet) return;
  for (const day of grid) {
    for (let i = 0; i < SLOTS_PER_DAY; i++) {
      const cell = day[i];
      if (cell && inWindow(i * SLOT_MIN, quiet.from, quiet.to) && cell.speed_rpm > quiet.greatest_rpm) {
        day[i] = { ...cell, speed_rpm: quiet.greatest_rpm };
      }
    }
  }
}

/** Whether a minute of the day lies in a window, which may run past midnight. */
export function inWindow(minute: number, from: number, to: number): boolean {
  return from < to ? minute >= from && minute < to : minute >= from || minute < to;
}

function paintNeeds(context: PoolContext, grid: WeekGrid, pump: PumpOnSystem): void {
  const { duty } = context;
  const { step_rpm, greatest_rpm } = speedRange(context);
  for (const need of duty.needs) {
    const circuit = duty.circuits.find(({ name }) => name === need.circuit);
    if (!circuit) continue;
    const speed_rpm = Math.min(greatest_rpm, leastSpeed_rpm(pump, circuit, step_rpm));
    const first = Math.floor(need.from / SLOT_MIN);
    const last = Math.ceil(need.to / SLOT_MIN);
    const count = need.hours === null ? last - first : Math.ceil((need.hours * 60) / SLOT_MIN - 1e-9);
    grid.forEach((day, d) => {
      if (!onDay(need.days, d + 1)) return;
      for (let i = first; i < first + count; i++) {
        const cell = day[i];
        // what already runs fast enough serves a circuit that no panel has to switch
        if (cell && cell.speed_rpm >= speed_rpm && circuit.place === null) continue;
        day[i] = {
          speed_rpm: Math.max(speed_rpm, cell?.speed_rpm ?? 0),
          circuit: circuit.name,
          name: circuit.name,
        };
      }
    });
  }
}
