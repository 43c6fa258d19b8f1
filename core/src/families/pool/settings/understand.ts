import {
  applies,
  parameterWithRole,
  placesOf,
  readIn,
  roleOfOption,
  type Parameter,
  type RoleQuantities,
  type SettingValue,
  type SettingValues,
} from '../../../profile';
import { resolveWeek, type WeekProgram, type WeekRules } from '../../../schedule';
import { EVERY_DAY } from '../../../time';
import type { PoolProfile } from '../wire/job';
import type { PoolPlate } from '../wire/plate';
import type { PumpSpeeds } from '../wire/second-pump';
import { placeOfOption, POOL_QUANTITIES, type PoolRole } from './roles';

/** A program as it is stored: what is not known of it is null. */
export interface StoredProgram {
  readonly slot: number;
  readonly days: string;
  readonly start: number | null;
  readonly stop: number | null;
  readonly speed_rpm: number | null;
  /** place of its circuit in the panel; null on a drive */
  readonly circuit: number | null;
  readonly enabled: boolean | null;
  /** true when the slot holds nothing */
  readonly empty: boolean;
  /** true when it is a key for timed runs: it never runs by schedule, and its stop is how long it runs */
  readonly timed: boolean;
}

export interface StoredCircuit {
  readonly place: number;
  readonly speed_rpm: number | null;
  /** whether frost guard runs it; null where that is not set for each circuit */
  readonly frost: boolean | null;
  readonly timer: 'clock' | 'counts' | 'follows' | 'none' | null;
  readonly atPower: 'off' | 'as-before' | 'on' | null;
}

/** A pool controller's settings in the field's terms; null is not known, or not there. */
export interface PoolSettings {
  readonly mode: 'automatic' | 'manual' | 'hold' | 'stopped' | null;
  /** speeds that the pump is set to have */
  readonly speeds: PumpSpeeds | null;
  readonly second: 'none' | 'single' | 'two-speed' | null;
  readonly command: 'own' | 'relay' | 'link' | null;
  readonly address: number | null;
  readonly kind: string | null;
  readonly least_rpm: number;
  readonly greatest_rpm: number;
  /** the limit that someone set, null where it is open or not known */
  readonly limit_rpm: number | null;
  readonly programs: readonly StoredProgram[];
  readonly circuits: readonly StoredCircuit[];
  readonly prime: {
    readonly way: 'sense' | 'fixed' | 'off' | null;
    readonly speed_rpm: number | null;
    readonly time_min: number | null;
    /** held at prime speed once primed, min */
    readonly hold_min: number;
    readonly senses: 'fine' | 'usual' | 'coarse' | null;
  };
  readonly boost_rpm: number | null;
  readonly boost_min: number | null;
  /** how long a timed hold lasts: as it is set, else as the controller has it */
  readonly hold_min: number | null;
  readonly frost: {
    readonly on: boolean | null;
    readonly below_C: number | null;
    readonly speed_rpm: number | null;
  };
  readonly heat: {
    readonly source: 'off' | 'solar' | 'solar-first' | 'heater' | 'heat-pump' | null;
    readonly pool_C: number | null;
    readonly tub_C: number | null;
    readonly body: 'pool' | 'tub' | null;
    readonly afterRun_min: number | null;
  };
  readonly cooling: { readonly on: boolean | null; readonly above_C: number | null };
  readonly solar: { readonly start_K: number | null; readonly stop_K: number | null };
  readonly chlorinator: { readonly output_pct: number | null; readonly cold_C: number | null };
  readonly delays: {
    readonly cleaner_min: number | null;
    readonly valves_s: number | null;
    readonly override: 'on' | 'off' | null;
  };
  /** what each valve does, place by place */
  readonly valves: readonly ('suction' | 'return' | 'roof' | 'feature' | 'none' | null)[];
  readonly chemistry: 'none' | 'contact' | 'link' | null;
  /** offset of each sensor, K */
  readonly sensors: Readonly<Record<'water' | 'air' | 'roof', number>>;
  readonly summer: 'follows' | 'by-hand' | null;
  readonly password: 'default' | 'own' | 'none' | null;
  /** what each front key does */
  readonly keys: readonly ('nothing' | 'program' | 'timed' | null)[];
  readonly afterPowerCut: 'resume' | 'wait' | null;
  /** how long its menu stays open after the last key */
  readonly menuOpen_min: number | null;
}

/** Reads a column of the sheet by the roles of its parameters. */
export function understand(profile: PoolProfile, plate: PoolPlate, values: SettingValues): PoolSettings {
  const at = (role: PoolRole, index = 1): { parameter: Parameter; value: SettingValue } | null => {
    const parameter = parameterWithRole(profile, role, index);
    const value = parameter && values[parameter.key];
    // what does nothing as the controller stands counts nowhere
    return parameter && value !== undefined && applies(parameter, values) ? { parameter, value } : null;
  };
  const figure = (role: PoolRole, index = 1): number | null => {
    const found = at(role, index);
    const q = (POOL_QUANTITIES as RoleQuantities)[role] ?? 'plain';
    return found ? readIn(found.parameter, q, found.value) : null;
  };
  const option = (role: PoolRole, index = 1) => roleAt(profile, values, role, index);
  const chosen = <T extends string>(role: PoolRole, index = 1): T | null => {
    const found = option(role, index);
    return found === null ? null : (found.slice(found.indexOf('.') + 1) as T);
  };
  const speed = (role: PoolRole, index = 1): number | null => {
    const found = at(role, index);
    if (typeof found?.value !== 'number') return null;
    return found.parameter.unit === '%'
      ? (found.value / 100) * fullSpeed_rpm(profile, plate)
      : readIn(found.parameter, 'speed', found.value);
  };
  const { speed: built, priming, clock, afterPowerCut } = profile.behaviours;
  const limit = speed('speed.greatest');
  const frost = chosen<'on' | 'off'>('frost.guard');
  const circuits = placed(profile, 'circuit.speed').map((place) => ({
    place,
    speed_rpm: speed('circuit.speed', place),
    frost: yesNo(chosen<string>('circuit.frost', place)),
    timer: chosen<NonNullable<StoredCircuit['timer']>>('circuit.timer', place),
    atPower: chosen<NonNullable<StoredCircuit['atPower']>>('circuit.at-power', place),
  }));
  return {
    mode: chosen('mode'),
    speeds: chosen('pump.speeds'),
    second: chosen('pump.second'),
    command:
      chosen('command.source') ??
      (profile.behaviours.commands.length === 1 ? profile.behaviours.commands[0] : null),
    address: figure('link.address'),
    kind: at('pump.kind') ? String(at('pump.kind')!.value) : null,
    least_rpm: speed('speed.least') ?? built.least_rpm,
    greatest_rpm: limit ?? built.greatest_rpm,
    limit_rpm: limit,
    programs: placed(profile, 'program.start').map((slot) => {
      const start = at('program.start', slot)?.value;
      const stop = at('program.stop', slot)?.value;
      const circuit = placeOfOption(option('program.circuit', slot) ?? undefined);
      const own = speed('program.speed', slot);
      return {
        slot,
        days: parameterWithRole(profile, 'program.days')
          ? String(at('program.days', slot)?.value ?? '')
          : EVERY_DAY,
        start: typeof start === 'number' ? start : null,
        stop: typeof stop === 'number' ? stop : null,
        speed_rpm: own ?? circuits.find(({ place }) => place === circuit)?.speed_rpm ?? null,
        circuit,
        enabled: parameterWithRole(profile, 'program.enable') ? yesNo(chosen('program.enable', slot)) : true,
        empty:
          option('program.start', slot) === 'time.unused' ||
          option('program.stop', slot) === 'time.unused' ||
          option('program.circuit', slot) === 'circuit.none',
        timed: profile.behaviours.programs.timed.includes(slot),
      };
    }),
    circuits,
    prime: {
      way:
        chosen('prime.mode') ??
        (priming.kind === 'none' ? 'off' : parameterWithRole(profile, 'prime.mode') ? null : priming.kind),
      speed_rpm: speed('prime.speed') ?? priming.speed_rpm,
      time_min: figure('prime.time') ?? priming.time_min,
      hold_min: figure('prime.hold') ?? 0,
      senses: chosen('prime.sensitivity'),
    },
    boost_rpm: speed('boost.speed'),
    boost_min: figure('boost.time'),
    hold_min: figure('hold.time') ?? profile.behaviours.holds.timed_min ?? null,
    frost: {
      on: profile.behaviours.frost === null ? false : yesNo(frost),
      below_C: figure('frost.temperature'),
      speed_rpm:
        speed('frost.speed') ??
        (profile.behaviours.frost?.speed === 'greatest' ? built.greatest_rpm : highest(circuits)),
    },
    heat: {
      source: chosen('heat.source'),
      pool_C: figure('heat.pool'),
      tub_C: figure('heat.tub'),
      body: chosen('heat.body'),
      afterRun_min: figure('heat.after-run'),
    },
    cooling: { on: yesNo(chosen('cooling.night')), above_C: figure('cooling.above') },
    solar: { start_K: figure('solar.start'), stop_K: figure('solar.stop') },
    chlorinator: { output_pct: figure('chlorinator.output'), cold_C: figure('chlorinator.cold') },
    delays: {
      cleaner_min: figure('delay.cleaner'),
      valves_s: figure('delay.valves'),
      override: chosen('delay.override'),
    },
    valves: placed(profile, 'valve.role').map((place) => chosen('valve.role', place)),
    chemistry: chosen('chemistry'),
    sensors: {
      water: figure('sensor.water') ?? 0,
      air: figure('sensor.air') ?? 0,
      roof: figure('sensor.roof') ?? 0,
    },
    summer: clock.summer === 'set' ? chosen('clock.summer') : clock.summer,
    password: chosen('access.password'),
    keys: placed(profile, 'key.function').map((place) => chosen('key.function', place)),
    afterPowerCut:
      afterPowerCut === 'set'
        ? chosen('power.after-cut')
        : afterPowerCut === 'unknown'
          ? null
          : afterPowerCut,
    menuOpen_min: figure('access.time-out'),
  };
}

/** What the option means that stands at a role; null where nothing does, or no option. */
export function roleAt(
  profile: PoolProfile,
  values: SettingValues,
  role: PoolRole,
  index = 1,
): string | null {
  const parameter = parameterWithRole(profile, role, index);
  return parameter ? (roleOfOption(parameter, values[parameter.key], role) ?? null) : null;
}

/** Full speed, for settings in per cent of it: the plate's, else the drive's own. */
export function fullSpeed_rpm(profile: PoolProfile, plate: PoolPlate): number {
  return plate.greatest_rpm ?? profile.behaviours.speed.greatest_rpm;
}

/** A panel runs each guarded circuit at its own speed: the highest counts. */
function highest(circuits: readonly StoredCircuit[]): number | null {
  const speeds = circuits.flatMap(({ frost, speed_rpm }) => (frost && speed_rpm !== null ? [speed_rpm] : []));
  return speeds.length > 0 ? Math.max(...speeds) : null;
}

function yesNo(role: string | null): boolean | null {
  return role === null ? null : role === 'on';
}

/** Places of the group in which a role repeats, counted from 1; none where the profile lacks it. */
export function placed(profile: PoolProfile, role: PoolRole): number[] {
  const parameter = parameterWithRole(profile, role);
  if (!parameter) return [];
  return Array.from({ length: placesOf(profile, parameter.group) }, (_, i) => i + 1);
}

/** True of a program that has hours: from a start to another stop, or all day where this controller means that by start = stop. */
export function hasHours(
  { behaviours }: PoolProfile,
  { start, stop }: { readonly start: number | null; readonly stop: number | null },
): boolean {
  return start !== null && (start !== stop || behaviours.programs.startEqualsStop === 'all-day');
}

/** What this controller makes of its programs. */
export function rulesOf(profile: PoolProfile): WeekRules {
  const { overlap, resumes, startEqualsStop } = profile.behaviours.programs;
  return { overlap, resumes, startEqualsStop };
}

/** A program that is known whole, as it runs. */
export interface RunningProgram extends WeekProgram {
  readonly circuit: number | null;
}

/**
 * The stored programs that are known well enough to be resolved, at the speed they will really have: no program runs above
 * the limit or below the least speed. Empty slots are left out.
 */
export function knownPrograms(settings: PoolSettings): RunningProgram[] {
  return settings.programs.flatMap(
    ({ slot, days, start, stop, speed_rpm, circuit, enabled, empty, timed }) => {
      if (empty || timed || start === null || stop === null || speed_rpm === null || days === '') return [];
      const speed = Math.min(settings.greatest_rpm, Math.max(settings.least_rpm, speed_rpm));
      return [{ slot, days, start, stop, speed, circuit, enabled: enabled !== false }];
    },
  );
}

/** True where programs overlap on a controller that stores no overlap: one of them was misread, and nobody can tell which. */
export function refusesOverlap(profile: PoolProfile, settings: PoolSettings): boolean {
  if (profile.behaviours.programs.overlap !== 'refused') return false;
  return resolveWeek(knownPrograms(settings), rulesOf(profile)).some(
    ({ suppressed }) => suppressed.length > 0,
  );
}

/** True when every slot is known whole, so that what runs can be told. */
export function weekKnown(settings: PoolSettings): boolean {
  return settings.programs.every(
    ({ days, start, stop, speed_rpm, enabled, empty, timed }) =>
      empty ||
      timed ||
      enabled === false ||
      (days !== '' && start !== null && stop !== null && speed_rpm !== null && enabled !== null),
  );
}
