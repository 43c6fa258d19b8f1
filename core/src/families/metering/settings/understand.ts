import {
  parameterWithRole,
  readIn,
  roleOfOption,
  type RoleQuantities,
  type SettingValues,
} from '../../../profile';
import type { BrokenWireWatch, RangeLow_mA, TwoPointMap } from '../../../signal';
import type { StrokeLimits } from '../../../strokes';
import type { MeteringProfile } from '../wire/job';
import { gearsOf, type MeteringPlate } from '../wire/plate';
import { calibrationFactor, rateFromSetting } from './rates';
import { METERING_QUANTITIES, RATE_ROLES, type MeteringMode, type MeteringRole } from './roles';
import { factorRole } from './factor-role';

/** A sheet's values, understood: what the pump will really do with them. Null where it is not known. */
export interface MeteringSettings {
  readonly mode: MeteringMode | null;
  readonly gear: string | null;
  readonly length_pct: number | null;
  readonly manual_spm: number | null;
  /** the line in force in analog mode, y in strokes/min; null when a point is not known or both stand together */
  readonly map: TwoPointMap | null;
  /** the points as they stand, even where no line goes through them */
  readonly points: {
    readonly x1_mA: number | null;
    readonly y1_spm: number | null;
    readonly x2_mA: number | null;
    readonly y2_spm: number | null;
  };
  /** plain range in force, when the controller has ranges */
  readonly range: '0-20' | '4-20' | '20-0' | '20-4' | null;
  readonly watch: BrokenWireWatch | null;
  readonly limits: StrokeLimits;
  /**
   * greatest rate of the gear that is fitted, before any limit that is set; of the slowest where the gear is not known: checks then
   * look at every gear that may be fitted
   */
  readonly geared_spm: number;
  readonly setLeast_spm: number | null;
  readonly setGreatest_spm: number | null;
  readonly afterPowerCut: 'resume' | 'wait' | null;
  readonly afterFault: 'resume' | 'wait' | null;
  /** what a pulse does, in the modes that take pulses; null when the factor is not known */
  readonly pulses: { readonly way: 'multiply' | 'divide'; readonly factor: number } | null;
  /** in contact mode the set rate, in the other pulse modes the greatest rate */
  readonly ceiling_spm: number | null;
  readonly memory: 'on' | 'off' | null;
  readonly recognition_ms: number | null;
  readonly batchStrokes: number | null;
  readonly batchVolume_mL: number | null;
  readonly timer: { readonly every_min: number; readonly run_s: number } | null;
  readonly stopKind: 'stops' | 'permits' | null;
  readonly dry: 'stop' | 'warn' | 'ignore' | null;
  /** share of its capacity that slow suction leaves, 1 without */
  readonly suctionShare: number;
  readonly deaeration: 'on' | 'off' | null;
  readonly compensation: 'on' | 'off' | null;
  readonly lock: 'locked' | 'open' | null;
  /** factor entered after a calibration, 1 where there is none */
  readonly factor: number;
}

/** Understands the values of one column of a sheet on this controller and this pump. */
export function understand(
  profile: MeteringProfile,
  plate: MeteringPlate,
  values: SettingValues,
): MeteringSettings {
  const number = (role: MeteringRole): number | null => {
    const parameter = parameterWithRole(profile, role);
    const value = parameter && values[parameter.key];
    if (!parameter || typeof value !== 'number') return null;
    if (RATE_ROLES.includes(role)) return rateFromSetting(profile, parameter, value, values);
    return readIn(parameter, (METERING_QUANTITIES as RoleQuantities)[role] ?? 'plain', value);
  };
  /** the figure that an option stands for, where options are figures */
  const optionFigure = (role: MeteringRole): number | null => {
    const value = values[parameterWithRole(profile, role)?.key ?? ''];
    const figure = value === undefined ? NaN : Number(value);
    return Number.isFinite(figure) ? figure : null;
  };
  const option = (role: MeteringRole): string | null => {
    const parameter = parameterWithRole(profile, role);
    const meant = parameter && roleOfOption(parameter, values[parameter.key], role);
    return meant ? meant.slice(meant.indexOf('.') + 1) : null;
  };
  const behaviours = profile.behaviours;
  const gears = gearsOf(profile);
  const gearParameter = parameterWithRole(profile, 'gear');
  const gearValue = gearParameter ? values[gearParameter.key] : undefined;
  const gear = gears.length === 1 ? gears[0].name : ((gearValue as string | undefined) ?? plate.gear);
  // a gear that is not known is taken for the slowest: better to call a pump small than to overdose
  const geared =
    gears.find((g) => g.name === gear)?.greatest_spm ?? Math.min(...gears.map((g) => g.greatest_spm));
  const mode = option('mode') as MeteringMode | null;
  const suctionShare = clampShare((optionFigure('suction.share') ?? 100) / 100);
  const setLeast = number('rate.least');
  const setGreatest = number('rate.greatest');
  const limits: StrokeLimits = {
    least_spm: Math.max(behaviours.leastRate_spm, setLeast ?? 0),
    // slow suction takes its time out of every stroke
    greatest_spm: Math.min(geared * suctionShare, setGreatest ?? Infinity),
    ...(behaviours.smooth ? { step_spm: geared / SMOOTH_STEPS } : {}),
  };
  const range = option('signal.range') as MeteringSettings['range'];
  const below =
    behaviours.below === 'set'
      ? ((option('signal.below') as 'hold' | 'stop' | null) ?? 'hold')
      : behaviours.below;
  const points =
    behaviours.analog.kind === 'plain'
      ? pointsOfRange(range, geared)
      : {
          x1_mA: number('signal.x1'),
          y1_spm: number('signal.y1'),
          x2_mA: number('signal.x2'),
          y2_spm: number('signal.y2'),
        };
  return {
    mode,
    gear: gear ?? null,
    // without a knob the stroke is what it is
    length_pct: parameterWithRole(profile, 'stroke.length') ? number('stroke.length') : 100,
    manual_spm: number('rate.manual'),
    map: lineThrough(points, below),
    points,
    range,
    watch: watchOf(profile, option('signal.broken-wire')),
    limits,
    geared_spm: geared,
    setLeast_spm: setLeast,
    setGreatest_spm: setGreatest,
    afterPowerCut:
      behaviours.afterPowerCut === 'set'
        ? (option('power.after-cut') as 'resume' | 'wait' | null)
        : behaviours.afterPowerCut === 'unknown'
          ? null
          : behaviours.afterPowerCut,
    afterFault:
      behaviours.afterFault === 'set'
        ? (option('fault.after') as 'resume' | 'wait' | null)
        : behaviours.afterFault === 'unknown' || behaviours.afterFault === undefined
          ? null
          : behaviours.afterFault,
    pulses: pulsesOf(mode, (way) => number(factorRole(profile, way))),
    ceiling_spm: mode === 'contact' ? ceilingOf(number('rate.manual'), limits) : limits.greatest_spm,
    memory: memoryOf(profile, option('pulse.memory')),
    recognition_ms:
      optionFigure('pulse.recognition') ??
      (behaviours.pulses?.recognition_ms.length === 1 ? behaviours.pulses.recognition_ms[0] : null),
    batchStrokes: number('batch.strokes'),
    batchVolume_mL: number('batch.volume'),
    timer: timerOf(number('timer.every'), number('timer.run')),
    stopKind:
      behaviours.stopInput === 'set'
        ? (option('stop.kind') as 'stops' | 'permits' | null)
        : (behaviours.stopInput ?? null),
    dry: dryOf(profile, option('dry.reaction')),
    suctionShare,
    deaeration: option('deaeration') as 'on' | 'off' | null,
    compensation: option('compensation') as 'on' | 'off' | null,
    lock: option('access.lock') as 'locked' | 'open' | null,
    factor: calibrationFactor(profile, values),
  };
}

/** Steps that a smooth drive parts its greatest rate into: fine enough to be smooth to any meter. */
const SMOOTH_STEPS = 1000;

function clampShare(share: number): number {
  return share > 0 && share <= 1 ? share : 1;
}

function pulsesOf(
  mode: MeteringMode | null,
  factorOf: (way: 'multiply' | 'divide') => number | null,
): MeteringSettings['pulses'] {
  if (mode === 'contact') return { way: 'multiply', factor: 1 };
  if (mode !== 'multiply' && mode !== 'divide') return null;
  const factor = factorOf(mode);
  return factor === null || factor <= 0 ? null : { way: mode, factor };
}

function ceilingOf(set_spm: number | null, limits: StrokeLimits): number | null {
  return set_spm === null ? null : Math.min(set_spm, limits.greatest_spm);
}

function memoryOf(profile: MeteringProfile, set: string | null): MeteringSettings['memory'] {
  const memory = profile.behaviours.pulses?.memory;
  if (memory === undefined) return null;
  if (memory === 'set') return set as 'on' | 'off' | null;
  return memory === 'kept' ? 'on' : 'off';
}

function timerOf(every_min: number | null, run_s: number | null): MeteringSettings['timer'] {
  return every_min === null || run_s === null ? null : { every_min, run_s };
}

function dryOf(profile: MeteringProfile, set: string | null): MeteringSettings['dry'] {
  const { dry } = profile.behaviours;
  if (dry === undefined) return null;
  if (dry === 'set') return set as MeteringSettings['dry'];
  return dry === 'none' ? 'ignore' : dry;
}

/** The points of a plain range: no strokes at one end, full rate at the other. */
export function pointsOfRange(
  range: MeteringSettings['range'],
  full_spm: number,
): MeteringSettings['points'] {
  if (range === null) return { x1_mA: null, y1_spm: null, x2_mA: null, y2_spm: null };
  const [from, to] = range.split('-').map(Number);
  const rising = to > from;
  return {
    x1_mA: Math.min(from, to),
    y1_spm: rising ? 0 : full_spm,
    x2_mA: Math.max(from, to),
    y2_spm: rising ? full_spm : 0,
  };
}

function lineThrough(points: MeteringSettings['points'], below: 'hold' | 'stop'): TwoPointMap | null {
  const { x1_mA, y1_spm, x2_mA, y2_spm } = points;
  if (x1_mA === null || y1_spm === null || x2_mA === null || y2_spm === null || x1_mA === x2_mA) return null;
  return { x1_mA, y1: y1_spm, x2_mA, y2: y2_spm, below };
}

function watchOf(profile: MeteringProfile, set: string | null): BrokenWireWatch | null {
  const watch = profile.behaviours.brokenWire;
  if (!watch) return null;
  if (watch.reaction !== 'set')
    return { low_mA: watch.low_mA, high_mA: watch.high_mA, reaction: watch.reaction };
  if (set === null || set === 'off') return null;
  return { low_mA: watch.low_mA, high_mA: watch.high_mA, reaction: set as 'stop' | 'hold' };
}

/** The low end of the current range a pump reads with these settings: where its line has no strokes. */
export function readLow_mA(settings: MeteringSettings): RangeLow_mA | null {
  const map = settings.map;
  if (!map || map.y1 === map.y2) return null;
  const atZero = map.x1_mA - map.y1 / ((map.y2 - map.y1) / (map.x2_mA - map.x1_mA));
  if (Math.abs(atZero) < 0.5) return 0;
  if (Math.abs(atZero - 4) < 0.5) return 4;
  return null;
}
