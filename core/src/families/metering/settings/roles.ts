import {
  roleTable,
  unitFits,
  wrongUnit,
  type OptionRoleIn,
  type Parameter,
  type RoleIn,
} from '../../../profile';

/**
 * What a metering controller's parameters and options can mean. The calculations speak in these only; a profile's own
 * keys never appear in them.
 */
export const METERING_TABLE = roleTable({
  mode: [
    'mode.manual',
    'mode.analog',
    'mode.multiply',
    'mode.divide',
    'mode.contact',
    'mode.batch',
    'mode.timer',
  ],
  gear: null,
  'stroke.length': 'percent',
  'rate.manual': null,
  'rate.least': null,
  'rate.greatest': null,
  'signal.range': ['range.0-20', 'range.4-20', 'range.20-0', 'range.20-4'],
  'signal.x1': 'current',
  'signal.y1': null,
  'signal.x2': 'current',
  'signal.y2': null,
  'signal.below': ['below.hold', 'below.stop'],
  'signal.broken-wire': ['broken-wire.stop', 'broken-wire.hold', 'broken-wire.off'],
  'pulse.factor': null,
  'pulse.multiplier': null,
  'pulse.divisor': null,
  'pulse.memory': ['memory.on', 'memory.off'],
  'pulse.recognition': null,
  'batch.strokes': 'strokes',
  'batch.volume': 'strokeVolume',
  'timer.every': 'minutes',
  'timer.run': 'seconds',
  'stop.kind': ['stop.stops', 'stop.permits'],
  'dry.reaction': ['dry.stop', 'dry.warn', 'dry.ignore'],
  'suction.share': null,
  deaeration: ['deaeration.on', 'deaeration.off'],
  compensation: ['compensation.on', 'compensation.off'],
  'calibration.factor': 'percent',
  'access.lock': ['access.locked', 'access.open'],
  'power.after-cut': ['after-cut.resume', 'after-cut.wait'],
  'fault.after': ['after-fault.resume', 'after-fault.wait'],
});
// rates are in strokes or in flow, by the drive; of `suction.share` and `pulse.recognition` an option’s value is the figure itself
export const {
  roles: METERING_ROLES,
  optionRoles: METERING_OPTION_ROLES,
  quantities: METERING_QUANTITIES,
} = METERING_TABLE;
export type MeteringRole = RoleIn<(typeof METERING_TABLE)['meanings']>;
export type MeteringOptionRole = OptionRoleIn<(typeof METERING_TABLE)['meanings']>;

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
  multiply: [...PULSE_ROLES, 'pulse.multiplier', 'rate.greatest'],
  divide: [...PULSE_ROLES, 'pulse.divisor', 'rate.greatest'],
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

/** What is wrong with the unit of a parameter that holds a rate; null where nothing is, undefined where it holds none. */
export function rateUnitFault(parameter: Parameter): string | null | undefined {
  if (!(RATE_ROLES as readonly string[]).includes(parameter.role ?? '')) return undefined;
  const fits = unitFits(parameter, 'strokeRate') || unitFits(parameter, 'pumpFlow');
  return fits ? null : wrongUnit(parameter.unit ?? '', 'strokes/min or L/h');
}
