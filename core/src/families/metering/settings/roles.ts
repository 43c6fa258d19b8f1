import { wrongUnit, unitFits, type Parameter, type RoleQuantities } from '../../../profile';

/**
 * What a metering controller's parameters and options can mean. The calculations speak in these only; a profile's own
 * keys never appear in them.
 */
export const METERING_ROLES = [
  'mode',
  'gear',
  'stroke.length',
  'rate.manual',
  'rate.least',
  'rate.greatest',
  'signal.range',
  'signal.x1',
  'signal.y1',
  'signal.x2',
  'signal.y2',
  'signal.below',
  'signal.broken-wire',
  'pulse.factor',
  'pulse.memory',
  'pulse.recognition',
  'batch.strokes',
  'batch.volume',
  'timer.every',
  'timer.run',
  'stop.kind',
  'dry.reaction',
  'suction.share',
  'deaeration',
  'compensation',
  'calibration.factor',
  'access.lock',
  'power.after-cut',
  'fault.after',
] as const;
export type MeteringRole = (typeof METERING_ROLES)[number];

/**
 * Meanings of options. Those of `suction.share` (per cent of capacity that is left) and `pulse.recognition` (ms) have
 * none: their value is the figure itself.
 */
export const METERING_OPTION_ROLES = [
  'mode.manual',
  'mode.analog',
  'mode.multiply',
  'mode.divide',
  'mode.contact',
  'mode.batch',
  'mode.timer',
  'range.0-20',
  'range.4-20',
  'range.20-0',
  'range.20-4',
  'below.hold',
  'below.stop',
  'broken-wire.stop',
  'broken-wire.hold',
  'broken-wire.off',
  'memory.on',
  'memory.off',
  'stop.stops',
  'stop.permits',
  'dry.stop',
  'dry.warn',
  'dry.ignore',
  'deaeration.on',
  'deaeration.off',
  'compensation.on',
  'compensation.off',
  'access.locked',
  'access.open',
  'after-cut.resume',
  'after-cut.wait',
  'after-fault.resume',
  'after-fault.wait',
] as const;
export type MeteringOptionRole = (typeof METERING_OPTION_ROLES)[number];

/** How a pump is driven, as its controller names it. */
export type MeteringMode = 'manual' | 'analog' | 'multiply' | 'divide' | 'contact' | 'batch' | 'timer';

const PULSE_ROLES = ['pulse.factor', 'pulse.memory', 'pulse.recognition'] as const;

/** The roles each mode drives the pump with; the others lie idle in that mode. */
export const ROLES_OF_MODE: Readonly<Record<MeteringMode, readonly MeteringRole[]>> = {
  manual: ['rate.manual'],
  analog: [
    'signal.range',
    'signal.x1',
    'signal.y1',
    'signal.x2',
    'signal.y2',
    'signal.below',
    'signal.broken-wire',
  ],
  multiply: [...PULSE_ROLES, 'rate.greatest'],
  divide: [...PULSE_ROLES, 'rate.greatest'],
  contact: ['rate.manual', 'pulse.memory', 'pulse.recognition'],
  batch: ['batch.strokes', 'batch.volume', 'rate.manual'],
  timer: ['timer.every', 'timer.run', 'rate.manual'],
};

/** Roles whose value is a rate: set in strokes/min, or in L/h on a drive that is set in flow. */
export const RATE_ROLES: readonly MeteringRole[] = [
  'rate.manual',
  'rate.least',
  'rate.greatest',
  'signal.y1',
  'signal.y2',
];

/** What is wrong with the unit of a parameter that holds a rate; null where nothing is, or where it holds none. */
export function rateUnitFault(parameter: Parameter): string | null {
  if (!(RATE_ROLES as readonly string[]).includes(parameter.role ?? '')) return null;
  const fits = unitFits(parameter, 'strokeRate') || unitFits(parameter, 'pumpFlow');
  return fits ? null : wrongUnit(parameter.unit ?? '', 'strokes/min or L/h');
}

/** What the figure of each role measures. Rates are in strokes or in flow, by the drive: see `rateFromSetting`. */
export const METERING_QUANTITIES = {
  'stroke.length': 'percent',
  'signal.x1': 'current',
  'signal.x2': 'current',
  'batch.strokes': 'strokes',
  'batch.volume': 'strokeVolume',
  'timer.every': 'minutes',
  'timer.run': 'seconds',
  'calibration.factor': 'percent',
} as const satisfies RoleQuantities;
