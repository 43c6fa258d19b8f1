import type { BeatCause } from '../../../beat';
import {
  costInWeek,
  pricesOfWeek,
  seasonsOf,
  resolveWeek,
  shiftedWeek,
  WEEKS_PER_MONTH,
  type Stretch,
} from '../../../schedule';
import { DAY_MIN, WEEK_MIN } from '../../../time';
import { monthOf, type PoolContext } from '../settings/context';
import { neededPerDay_m3, pumpOf, turnsOver, watersOf, type PumpOnSystem } from './hydraulics';
import { pumpingOf, settingsOf } from '../settings/pumping';
import {
  knownPrograms,
  rulesOf,
  weekKnown,
  type PoolSettings,
  type RunningProgram,
} from '../settings/understand';

/** A stretch of the week as it truly runs: who has the pump, at which speed, and why. */
export interface RunStretch {
  readonly from: number;
  readonly to: number;
  readonly speed_rpm: number;
  readonly cause: 'program' | 'prime' | 'frost' | 'rest';
  readonly program: RunningProgram | null;
  readonly suppressed: readonly RunningProgram[];
}

/** Why programs do not run at all, as set. */
export type HeldBy = 'manual' | 'hold' | 'stopped' | 'relay' | 'link' | null;

/** What keeps the stored programs from running: the state it stands in, or another master. */
export function heldBy({ profile }: PoolContext, settings: PoolSettings): HeldBy {
  if (settings.command === 'relay' || settings.command === 'link') return settings.command;
  if (settings.mode === 'hold' || settings.mode === 'stopped') return settings.mode;
  return settings.mode === 'manual' && profile.behaviours.programs.needsAutomatic ? 'manual' : null;
}

/** The stored programs resolved by the controller's own rule and clock, whatever state it stands in. */
export function resolvedWeek(
  { duty, profile }: PoolContext,
  settings: PoolSettings,
): Stretch<RunningProgram>[] {
  return resolveWeek(knownPrograms(pumpingOf(duty, settings)), rulesOf(profile));
}

/**
 * The week as it will truly run: resolved, moved by the clock's error, with the prime at each start from rest. Held programs
 * leave it at rest.
 */
export function trueWeek(context: PoolContext, settings: PoolSettings): RunStretch[] {
  if (heldBy(context, settings)) return [rest(0, WEEK_MIN, [])];
  const week = shiftedWeek(resolvedWeek(context, settings), context.clockAhead_min);
  return withPrimes(settings, week, context);
}

function rest(from: number, to: number, suppressed: readonly RunningProgram[]): RunStretch {
  return { from, to, speed_rpm: 0, cause: 'rest', program: null, suppressed };
}

/** Minutes at prime speed at each start: its set time where it does not sense, about a minute where it does, and the hold. */
export function primes_min(settings: PoolSettings): number {
  const { way, time_min, hold_min } = settings.prime;
  // what was read may be less than nothing; it primes no shorter than not at all
  if (way === 'fixed') return Math.max(0, (time_min ?? 0) + hold_min);
  return way === 'sense'
    ? Math.max(0, Math.min(time_min ?? SENSED_PRIME_min, SENSED_PRIME_min) + hold_min)
    : 0;
}

/** What sensing a full prime takes on a pump that is filled; it is the plant that decides, not a setting. */
export const SENSED_PRIME_min = 1;

/** True when two weeks run the same circuits at the same programmed speeds in every minute, however their programs are cut. */
export function sameRunning(one: readonly RunStretch[], other: readonly RunStretch[]): boolean {
  let i = 0;
  let k = 0;
  for (let at = 0; at < WEEK_MIN && i < one.length && k < other.length;) {
    const a = one[i];
    const b = other[k];
    if (Math.round(a.program?.speed ?? 0) !== Math.round(b.program?.speed ?? 0)) return false;
    if ((a.program?.circuit ?? null) !== (b.program?.circuit ?? null)) return false;
    at = Math.min(a.to, b.to);
    if (a.to === at) i += 1;
    if (b.to === at) k += 1;
  }
  return true;
}

function withPrimes(
  settings: PoolSettings,
  week: readonly Stretch<RunningProgram>[],
  { profile }: PoolContext,
): RunStretch[] {
  const prime_min = primes_min(settings);
  const speed = settings.prime.speed_rpm ?? settings.greatest_rpm;
  const clamped = profile.behaviours.limitClamps.includes('prime')
    ? Math.min(speed, settings.greatest_rpm)
    : speed;
  let running = week.length > 0 && week[week.length - 1].program !== null;
  let left = 0;
  return week.flatMap(({ from, to, program, suppressed }): RunStretch[] => {
    if (!program) {
      running = false;
      left = 0;
      return [rest(from, to, suppressed)];
    }
    if (!running) left = prime_min;
    running = true;
    const until = Math.min(to, from + left);
    left -= until - from;
    const parts: RunStretch[] = [];
    if (until > from)
      parts.push({ from, to: until, speed_rpm: clamped, cause: 'prime', program, suppressed });
    if (until < to) {
      parts.push({ from: until, to, speed_rpm: program.speed, cause: 'program', program, suppressed });
    }
    return parts;
  });
}

/** One water, or several on the same circuits, over a week. */
export interface WaterSums {
  readonly names: readonly string[];
  readonly needed_m3: number;
  /** m³ of each day, Monday first */
  readonly daily_m3: readonly number[];
}

/** What a week moves, takes and costs. */
export interface WeekSums {
  /** m³ of each day, Monday first */
  readonly daily_m3: readonly number[];
  readonly needed_m3: number;
  /** what each water needs a day, and what its own circuits move of it on each day */
  readonly waters: readonly WaterSums[];
  readonly energy_kWh: number;
  /** a week's, in the duty's currency */
  readonly cost: number;
  readonly costMonth: number;
  /** a year's, by each month's own prices */
  readonly costYear: number;
  /** share of a week's cost that falls in the dearest window, 0 to 1 */
  readonly dearShare: number;
  readonly dearHours: number;
  readonly runHours: number;
  readonly longestPause_min: number;
  /** least flow at any minute, m³/h */
  readonly leastFlow_m3h: number;
  readonly greatestFlow_m3h: number;
  /** what a week would cost on top while heat is called for all the time, where that raises the speed; null where it does not */
  readonly heatCost: number | null;
}

/** Sums of a week. Throws an InputError on `points` or `prices` where pump or tariff make no sense. */
export function weekSums(
  context: PoolContext,
  week: readonly RunStretch[],
  settings?: PoolSettings,
): WeekSums {
  const { duty } = context;
  const pump = pumpOf(duty);
  const lift = liftsOf(context);
  const daily_m3 = Array.from({ length: 7 }, () => 0);
  const names = new Map(duty.circuits.map(({ place, name }) => [place, name]));
  const waters = watersOf(duty).map((water) => ({ water, daily_m3: Array.from({ length: 7 }, () => 0) }));
  let energy_kWh = 0;
  let run_min = 0;
  let leastFlow_m3h = Infinity;
  let greatestFlow_m3h = 0;
  for (const stretch of week) {
    const flow = flowOf(pump, stretch, lift);
    leastFlow_m3h = Math.min(leastFlow_m3h, flow);
    greatestFlow_m3h = Math.max(greatestFlow_m3h, flow);
    if (stretch.speed_rpm === 0) continue;
    run_min += stretch.to - stretch.from;
    energy_kWh += (pump.power_W(stretch.speed_rpm) / 1000) * ((stretch.to - stretch.from) / 60);
    for (let at = stretch.from; at < stretch.to;) {
      const day = Math.floor(at / DAY_MIN);
      const until = Math.min(stretch.to, (day + 1) * DAY_MIN);
      const moved = (flow * (until - at)) / 60;
      daily_m3[day] += moved;
      for (const one of waters) {
        const circuit = stretch.program?.circuit;
        // a panel names what runs, a drive turns over whatever its valves let through
        if (turnsOver(one.water, circuit == null ? null : (names.get(circuit) ?? null)))
          one.daily_m3[day] += moved;
      }
      at = until;
    }
  }
  const thisMonth = monthOf(context.today);
  const seasons = seasonsOf(duty.tariff.windows).map((months) => ({
    months,
    sums: costOfWeek(context, pump, week, months[0]),
  }));
  const now = seasons.find(({ months }) => months.includes(thisMonth))!.sums;
  return {
    daily_m3,
    needed_m3: neededPerDay_m3(duty),
    waters: waters.map(({ water, daily_m3: own }) => ({
      names: water.names,
      needed_m3: water.needed_m3,
      daily_m3: own,
    })),
    energy_kWh,
    cost: now.cost,
    costMonth: now.cost * WEEKS_PER_MONTH,
    costYear: seasons.reduce((sum, { months, sums }) => sum + months.length * sums.cost * WEEKS_PER_MONTH, 0),
    dearShare: now.cost > 0 ? now.dearCost / now.cost : 0,
    dearHours: now.dear_min / 60,
    runHours: run_min / 60,
    longestPause_min: longestPause_min(week),
    leastFlow_m3h,
    greatestFlow_m3h,
    heatCost: heatCostOf(context, pump, week, thisMonth, settings),
  };
}

/** The week with the speed that a panel gives heat at every running minute, less what it costs without. */
function heatCostOf(
  context: PoolContext,
  pump: PumpOnSystem,
  week: readonly RunStretch[],
  month: number,
  settings: PoolSettings | undefined,
): number | null {
  const speed = heatSpeed_rpm(context, settings);
  if (speed === null) return null;
  const raised = week.map((stretch) =>
    stretch.speed_rpm > 0 && stretch.speed_rpm < speed ? { ...stretch, speed_rpm: speed } : stretch,
  );
  const cost = (of: readonly RunStretch[]) => costOfWeek(context, pump, of, month).cost;
  const extra = cost(raised) - cost(week);
  return extra > 1e-9 ? extra : null;
}

/**
 * The speed that a panel raises the pump to while heater or roof call, rev/min: that of their circuit as it is set. Null where no
 * panel does that, or nothing heats.
 */
export function heatSpeed_rpm(context: PoolContext, settings?: PoolSettings): number | null {
  const { duty, profile } = context;
  const { circuits, heat } = settings ?? settingsOf(context, context.inForce);
  if (
    profile.behaviours.kind !== 'panel' ||
    !duty.heat ||
    heat.source === 'off' ||
    duty.heat.source === 'off'
  ) {
    return null;
  }
  const speeds = duty.circuits.flatMap(({ kind, place }) =>
    (kind === 'heater' || kind === 'solar') && place !== null
      ? [circuits.find((circuit) => circuit.place === place)?.speed_rpm ?? 0]
      : [],
  );
  const most = Math.max(0, ...speeds);
  return most > 0 ? most : null;
}

function costOfWeek({ duty }: PoolContext, pump: PumpOnSystem, week: readonly RunStretch[], month: number) {
  const prices = pricesOfWeek(duty.tariff.windows, month);
  const sums = { cost: 0, dearCost: 0, dear_min: 0 };
  for (const { from, to, speed_rpm } of week) {
    if (speed_rpm === 0) continue;
    const part = costInWeek(prices, from, to, pump.power_W(speed_rpm));
    sums.cost += part.cost;
    sums.dearCost += part.dearCost;
    sums.dear_min += part.dear_min;
  }
  return sums;
}

/** The lift of the circuit in each place of the panel. */
function liftsOf({ duty }: PoolContext): ReadonlyMap<number | null, number> {
  return new Map(duty.circuits.map(({ place, static_m }) => [place, static_m]));
}

function flowOf(
  pump: PumpOnSystem,
  { speed_rpm, program }: RunStretch,
  lifts: ReadonlyMap<number | null, number>,
): number {
  if (speed_rpm === 0) return 0;
  const lift = program?.circuit == null ? 0 : (lifts.get(program.circuit) ?? 0);
  return pump.flow_m3h(speed_rpm, lift);
}

/** The longest time without circulation, over the end of the week too, min; the whole week when it never runs. */
export function longestPause_min(week: readonly RunStretch[]): number {
  let still = 0;
  let longest = 0;
  for (const { from, to, speed_rpm } of [...week, ...week]) {
    still = speed_rpm > 0 ? 0 : still + (to - from);
    longest = Math.max(longest, still);
  }
  return Math.min(longest, WEEK_MIN);
}

/** One day of what is in force as a beat strip, Monday 0; null while the week is not known whole. */
export function poolStrip(
  context: PoolContext,
  day: number,
): { unit: string; rates: number[]; greatest: number; causes: BeatCause[] } | null {
  const settings = settingsOf(context, context.inForce);
  if (!weekKnown(settings) || settings.programs.every(({ empty }) => empty)) return null;
  const week = trueWeek(context, settings);
  return {
    unit: 'rev/min',
    rates: speedsOfDay_rpm(week, day),
    greatest: context.profile.behaviours.speed.greatest_rpm,
    causes: causesOfDay(week, day),
  };
}

/** Why it runs in each quarter of an hour of a day: a prime counts where it is more than half of one. */
export function causesOfDay(week: readonly RunStretch[], day: number): BeatCause[] {
  return Array.from({ length: 96 }, (_, i) => {
    const middle = day * DAY_MIN + i * 15 + 7;
    const here = week.find((one) => one.from <= middle && middle < one.to);
    return here?.cause === 'prime' ? 'prime' : 'program';
  });
}

/** Speeds of one day by quarter of an hour, for its beat strip: 96 figures in rev/min, the greatest of each quarter. */
export function speedsOfDay_rpm(week: readonly RunStretch[], day: number): number[] {
  return Array.from({ length: 96 }, (_, i) => {
    const from = day * DAY_MIN + i * 15;
    return week.reduce(
      (most, one) => (one.from < from + 15 && one.to > from ? Math.max(most, one.speed_rpm) : most),
      0,
    );
  });
}
