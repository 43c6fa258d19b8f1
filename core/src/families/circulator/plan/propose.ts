import {
  figureOfOption,
  isChosenFigure,
  meaningOfOption,
  parameterWithRole,
  readIn,
  type Parameter,
} from '../../../profile';
import { headAt_m, shareFor, type HeadLine } from '../../../hydraulics';
import { setHead_m } from '../effect/design-flow';
import { lineOfMode, selfSpan, yearEnergy_kWh } from '../effect/line';
import { standsByTemperature_min } from '../effect/hot-water';
import { pumpOf, type PumpInSystem } from '../effect/pump';
import type { CirculatorContext } from '../settings/context';
import type { Mode } from '../wire/behaviours';
import type { SystemKind } from '../wire/duty';

/** The mode that fits each system, the next best after it. */
const FITTING: Readonly<Record<SystemKind, readonly Mode[]>> = {
  radiators: ['proportional', 'constant', 'self', 'fixed'],
  underfloor: ['constant', 'self', 'proportional', 'fixed'],
  primary: ['fixed', 'constant', 'proportional', 'self'],
  'hot-water': ['fixed', 'temperature', 'clock', 'constant', 'proportional', 'self'],
  // its own controller switches a solar circuit: a pump that adjusts itself works against it
  solar: ['fixed', 'constant', 'proportional', 'self'],
  cooling: ['constant', 'proportional', 'self', 'fixed'],
  unknown: ['self', 'constant', 'proportional', 'fixed'],
};

/** The mode that is proposed: the best that this controller has. */
export function proposedMode(context: CirculatorContext): Mode {
  const { duty, profile } = context;
  const { modes } = profile.behaviours;
  const has = FITTING[duty.system].filter((mode) => modes.includes(mode) && !standsTooLong(context, mode));
  // one that cannot carry the duty is proposed only where none can
  return has.find((mode) => carriesDuty(context, mode)) ?? has[0] ?? modes[0];
}

/** Whether a mode of this controller can be set so that it carries the duty, as far as the controller goes: the pump itself may be too small. */
export function carriesDuty(context: CirculatorContext, mode: Mode): boolean {
  const { duty, profile } = context;
  if (mode === 'self') return (profile.behaviours.self?.highest_m ?? 0) >= duty.index.head_m;
  if (mode !== 'constant' && mode !== 'proportional') return true;
  const parameter = parameterWithRole(profile, 'head');
  const needed = headFor_m(context, pumpOf(duty), mode);
  const greatest = parameter ? greatestHead_m(parameter, mode) : null;
  return needed !== null && (greatest === null || needed <= greatest + 1e-9);
}

/** The greatest head that can be set in a mode, m; null where nothing limits it. */
function greatestHead_m(parameter: Parameter, mode: Mode): number | null {
  if (isChosenFigure(parameter, 'head')) {
    const own = (parameter.options ?? []).filter(
      (option) => meaningOfOption(parameter, option, 'mode') === `mode.${mode}`,
    );
    return Math.max(0, ...own.flatMap((option) => figureOfOption(option, 'head') ?? []));
  }
  return typeof parameter.greatest === 'number' ? readIn(parameter, 'head', parameter.greatest) : null;
}

/** Whether a mode lets the water of a return stand longer than it may. */
function standsTooLong(context: CirculatorContext, mode: Mode): boolean {
  const { hotWater, pipe } = context.duty;
  if (!hotWater) return false;
  if (mode === 'clock') return plannedPause_min(context) === 0;
  if (mode !== 'temperature') return false;
  const starts_C = hotWater.coolest_C + RETURN_MARGIN_K;
  return standsByTemperature_min(hotWater, pipe?.bore_mm ?? null, starts_C) > hotWater.longestPause_min;
}

/** Warmer than the coolest that is allowed, so that its own steps do not fall under it, K. */
export const RETURN_MARGIN_K = 1;

/** The mode of the plan: what was chosen, where the controller has it; else what is proposed. */
export function plannedMode(context: CirculatorContext): Mode {
  const { mode } = context.duty.choices;
  if (!mode || !context.profile.behaviours.modes.includes(mode)) return proposedMode(context);
  // water that may not stand so long is trusted to neither clock nor temperature, whoever chose it
  return standsTooLong(context, mode) ? proposedMode(context) : mode;
}

const DAY_min = 1440;

/** How long a return stands by the clock of the plan: whole steps of its clock within what is allowed, and never all day. */
export function plannedPause_min({ duty, profile }: CirculatorContext): number {
  const step = parameterWithRole(profile, 'run.to')?.step ?? 1;
  const allowed = Math.floor((duty.hotWater?.longestPause_min ?? 0) / step) * step;
  return Math.min(allowed, DAY_min - step);
}

/**
 * The head to be set in a mode so that its line carries the duty, m; null where a mode has none. A proportional line whose head refers
 * to the pump's own greatest flow is set higher, since it falls towards the flow of the duty.
 */
export function headFor_m(context: CirculatorContext, pump: PumpInSystem, mode: Mode): number | null {
  const needed = context.duty.index.head_m;
  if (mode === 'constant') return needed;
  const { proportional } = context.profile.behaviours;
  return mode === 'proportional' && proportional ? setHead_m(proportional, pump, needed) : null;
}

/** Share of full speed that carries the duty; above 1 where the duty lies outside the curve. */
export function shareForDuty(context: CirculatorContext, pump: PumpInSystem): number {
  return Math.max(
    context.duty.pump.leastShare,
    shareFor(pump.curve, pump.flow_m3h, context.duty.index.head_m),
  );
}

/** One mode that a controller has, carrying the duty: what it takes in a year. */
export interface ModeOffered {
  readonly mode: Mode;
  /** least and greatest energy of a year, kWh: the same for a mode whose line is known */
  readonly energy_kWh: readonly [number, number];
  readonly line: HeadLine | null;
  /** full speed cannot give what its line would have to */
  readonly reaches: boolean;
}

/** Every mode that this controller has, each set so that it just carries the duty. */
export function modesOffered(context: CirculatorContext, pump: PumpInSystem): ModeOffered[] {
  return context.profile.behaviours.modes.flatMap((mode): ModeOffered[] => {
    if (mode === 'temperature') return byTemperature(context, pump);
    if (mode === 'clock') return byClock(context, pump);
    if (mode === 'self') {
      const span = selfSpan(context);
      if (span === null) return [];
      const [lowest, highest] = span.map((line) => yearEnergy_kWh(context, pump, line));
      const reaches =
        carriesDuty(context, mode) && headAt_m(pump.curve, pump.flow_m3h) >= context.duty.index.head_m - 1e-9;
      return [{ mode, energy_kWh: [lowest, highest], line: null, reaches }];
    }
    const line = lineOfMode(context, pump, mode, {
      head_m: headFor_m(context, pump, mode),
      share: Math.min(1, shareForDuty(context, pump)),
    });
    if (line === null) return [];
    const energy = yearEnergy_kWh(context, pump, line);
    const reaches =
      carriesDuty(context, mode) && headAt_m(pump.curve, pump.flow_m3h) >= context.duty.index.head_m - 1e-9;
    return [{ mode, energy_kWh: [energy, energy], line, reaches }];
  });
}

/** By the return temperature it runs at a fixed speed for less of the time: how much of it only the site tells. */
function byTemperature(context: CirculatorContext, pump: PumpInSystem): ModeOffered[] {
  if (!context.duty.hotWater) return [];
  const share = Math.min(1, shareForDuty(context, pump));
  const line = lineOfMode(context, pump, 'fixed', { head_m: null, share });
  if (line === null) return [];
  const most = yearEnergy_kWh(context, pump, line);
  const reaches = headAt_m(pump.curve, pump.flow_m3h) >= context.duty.index.head_m - 1e-9;
  return [{ mode: 'temperature', energy_kWh: [0, most], line, reaches }];
}

/** A hot-water return by its clock, standing once a day for as long as it may; not offered where it may not stand. */
function byClock(context: CirculatorContext, pump: PumpInSystem): ModeOffered[] {
  const pause_min = plannedPause_min(context);
  if (pause_min === 0) return [];
  const line = lineOfMode(context, pump, 'fixed', {
    head_m: null,
    share: Math.min(1, shareForDuty(context, pump)),
  });
  if (line === null) return [];
  const energy = yearEnergy_kWh(context, pump, line) * (1 - pause_min / DAY_min);
  const reaches = headAt_m(pump.curve, pump.flow_m3h) >= context.duty.index.head_m - 1e-9;
  return [{ mode: 'clock', energy_kWh: [energy, energy], line, reaches }];
}
