import { wrongUnit, unitFits, type Parameter, type RoleQuantities } from '../../../profile';

/** What a pool drive's or panel's parameters can mean. The calculations speak in these only. */
export const POOL_ROLES = [
  'mode',
  'command.source',
  'link.address',
  'pump.kind',
  'speed.least',
  'speed.greatest',
  'program.days',
  'program.start',
  'program.stop',
  'program.speed',
  'program.circuit',
  'program.enable',
  'circuit.speed',
  'circuit.frost',
  'prime.mode',
  'prime.speed',
  'prime.time',
  'prime.hold',
  'boost.speed',
  'boost.time',
  'frost.guard',
  'frost.temperature',
  'frost.speed',
  'heat.source',
  'heat.pool',
  'heat.tub',
  'heat.body',
  'heat.after-run',
  'solar.start',
  'solar.stop',
  'chlorinator.output',
  'chlorinator.cold',
  'delay.cleaner',
  'delay.valves',
  'sensor.water',
  'sensor.air',
  'sensor.roof',
  'clock.summer',
  'access.password',
  'access.time-out',
  'key.function',
  'power.after-cut',
] as const;
export type PoolRole = (typeof POOL_ROLES)[number];

/** Meanings of options. Circuits of a program are options `circuit.1`, `circuit.2` by their place in the panel. */
export const POOL_OPTION_ROLES = [
  'mode.automatic',
  'mode.manual',
  'mode.hold',
  'command.own',
  'command.relay',
  'command.link',
  'enable.on',
  'enable.off',
  'time.unused',
  'circuit.none',
  'prime.sense',
  'prime.fixed',
  'prime.off',
  'frost.on',
  'frost.off',
  'heat.off',
  'heat.solar',
  'heat.solar-first',
  'heat.heater',
  'heat.heat-pump',
  'body.pool',
  'body.tub',
  'summer.follows',
  'summer.by-hand',
  'password.default',
  'password.own',
  'password.none',
  'key.nothing',
  'key.program',
  'key.timed',
  'after-cut.resume',
  'after-cut.wait',
] as const;
export type PoolOptionRole = (typeof POOL_OPTION_ROLES)[number] | `circuit.${number}`;

/** The place in the panel that a program's option stands for; null for any other option. */
export function placeOfOption(role: string | undefined): number | null {
  const found = /^circuit\.(\d+)$/.exec(role ?? '');
  return found ? Number(found[1]) : null;
}

/** What the figure of each role measures. Speeds are in rev/min or in per cent of full speed: see `readSpeed_rpm`. */
export const POOL_QUANTITIES = {
  'prime.time': 'minutes',
  'prime.hold': 'minutes',
  'boost.time': 'minutes',
  'frost.temperature': 'temperature',
  'heat.pool': 'temperature',
  'heat.tub': 'temperature',
  'heat.after-run': 'minutes',
  'solar.start': 'difference',
  'solar.stop': 'difference',
  'chlorinator.output': 'percent',
  'chlorinator.cold': 'temperature',
  'delay.cleaner': 'minutes',
  'delay.valves': 'seconds',
  'sensor.water': 'difference',
  'sensor.air': 'difference',
  'sensor.roof': 'difference',
  'access.time-out': 'minutes',
} as const satisfies RoleQuantities;

/** Roles whose value is a speed. */
export const SPEED_ROLES: readonly PoolRole[] = [
  'speed.least',
  'speed.greatest',
  'program.speed',
  'circuit.speed',
  'prime.speed',
  'boost.speed',
  'frost.speed',
];

/** What is wrong with the unit of a parameter that holds a speed; null where nothing is, or where it holds none. */
export function speedUnitFault(parameter: Parameter): string | null {
  if (!(SPEED_ROLES as readonly string[]).includes(parameter.role ?? '')) return null;
  const fits = unitFits(parameter, 'speed') || parameter.unit === '%';
  return fits ? null : wrongUnit(parameter.unit ?? '', 'rev/min or %');
}
