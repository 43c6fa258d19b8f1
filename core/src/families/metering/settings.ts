import { parameterWithRole, roleOfOption, type Profile, type SettingValues } from '../../profile';
import type { BrokenWireWatch, RangeLow_mA, StrokeLimits, TwoPointMap } from '../../signal';
import { gearsOf, type MeteringPlate } from './pump';
import type { MeteringRole } from './roles';

/** A sheet's values, understood: what the pump will really do with them. Null where it is not known. */
export interface MeteringSettings {
  readonly mode: 'manual' | 'analog' | null;
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
  /** greatest rate of the gear that is fitted, before any limit that is set */
  readonly geared_spm: number;
  readonly setLeast_spm: number | null;
  readonly setGreatest_spm: number | null;
  readonly afterPowerCut: 'resume' | 'wait' | null;
}

/** Understands the values of one column of a sheet on this controller and this pump. */
export function understand(profile: Profile, plate: MeteringPlate, values: SettingValues): MeteringSettings {
  const number = (role: MeteringRole): number | null => {
    const value = values[parameterWithRole(profile, role)?.key ?? ''];
    return typeof value === 'number' ? value : null;
  };
  const option = (role: MeteringRole): string | null => {
    const parameter = parameterWithRole(profile, role);
    const meant = parameter && roleOfOption(parameter, values[parameter.key]);
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
  const setLeast = number('rate.least');
  const setGreatest = number('rate.greatest');
  const limits: StrokeLimits = {
    least_spm: Math.max(behaviours.leastRate_spm, setLeast ?? 0),
    greatest_spm: Math.min(geared, setGreatest ?? geared),
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
    mode: option('mode') as MeteringSettings['mode'],
    gear: gear ?? null,
    length_pct: number('stroke.length'),
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
  };
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

function watchOf(profile: Profile, set: string | null): BrokenWireWatch | null {
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
