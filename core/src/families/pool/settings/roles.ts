import {
  roleTable,
  unitFits,
  wrongUnit,
  type OptionRoleIn,
  type Parameter,
  type RoleIn,
} from '../../../profile';

/** What a pool drive's or panel's parameters can mean. The calculations speak in these only. */
export const POOL_TABLE = roleTable({
  mode: ['mode.automatic', 'mode.manual', 'mode.hold', 'mode.stopped'],
  'command.source': ['command.own', 'command.relay', 'command.link'],
  'link.address': null,
  'pump.kind': null,
  'pump.speeds': ['speeds.variable', 'speeds.two', 'speeds.one'],
  'pump.second': ['second.none', 'second.single', 'second.two-speed'],
  'speed.least': null,
  'speed.greatest': null,
  'program.days': null,
  'program.start': ['time.unused'],
  'program.stop': ['time.unused'],
  'program.speed': null,
  'program.circuit': ['circuit.none'],
  'program.enable': ['enable.on', 'enable.off'],
  'circuit.speed': null,
  'circuit.frost': ['frost.on', 'frost.off'],
  'circuit.timer': ['timer.clock', 'timer.counts', 'timer.follows', 'timer.none'],
  'circuit.at-power': ['at-power.off', 'at-power.as-before', 'at-power.on'],
  'prime.mode': ['prime.sense', 'prime.fixed', 'prime.off'],
  'prime.speed': null,
  'prime.time': 'minutes',
  'prime.hold': 'minutes',
  'prime.sensitivity': ['sense.fine', 'sense.usual', 'sense.coarse'],
  'boost.speed': null,
  'boost.time': 'minutes',
  'hold.time': 'minutes',
  'frost.guard': ['frost.on', 'frost.off'],
  'frost.temperature': 'temperature',
  'frost.speed': null,
  'heat.source': ['heat.off', 'heat.solar', 'heat.solar-first', 'heat.heater', 'heat.heat-pump'],
  'heat.pool': 'temperature',
  'heat.tub': 'temperature',
  'heat.body': ['body.pool', 'body.tub'],
  'heat.after-run': 'minutes',
  'cooling.night': ['cooling.on', 'cooling.off'],
  'cooling.above': 'temperature',
  'solar.start': 'difference',
  'solar.stop': 'difference',
  'chlorinator.output': 'percent',
  'chlorinator.cold': 'temperature',
  'delay.cleaner': 'minutes',
  'delay.valves': 'seconds',
  'delay.override': ['override.off', 'override.on'],
  'valve.role': ['valve.suction', 'valve.return', 'valve.roof', 'valve.feature', 'valve.none'],
  chemistry: ['chemistry.none', 'chemistry.contact', 'chemistry.link'],
  'sensor.water': 'difference',
  'sensor.air': 'difference',
  'sensor.roof': 'difference',
  'clock.summer': ['summer.follows', 'summer.by-hand'],
  'access.password': ['password.default', 'password.own', 'password.none'],
  'access.time-out': 'minutes',
  'key.function': ['key.nothing', 'key.program', 'key.timed'],
  'power.after-cut': ['after-cut.resume', 'after-cut.wait'],
});
// speeds are in rev/min or in per cent of full speed; circuits of a program are options `circuit.1`, `circuit.2` by their place in the panel
export const { roles: POOL_ROLES, optionRoles: POOL_OPTION_ROLES, quantities: POOL_QUANTITIES } = POOL_TABLE;
export type PoolRole = RoleIn<(typeof POOL_TABLE)['meanings']>;
export type PoolOptionRole = OptionRoleIn<(typeof POOL_TABLE)['meanings']> | `circuit.${number}`;

/** The place in the panel that a program's option stands for; null for any other option. */
export function placeOfOption(role: string | undefined): number | null {
  const found = /^circuit\.(\d+)$/.exec(role ?? '');
  return found ? Number(found[1]) : null;
}

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

/** What is wrong with the unit of a parameter that holds a speed; null where nothing is, undefined where it holds none. */
export function speedUnitFault(parameter: Parameter): string | null | undefined {
  if (!(SPEED_ROLES as readonly string[]).includes(parameter.role ?? '')) return undefined;
  const fits = unitFits(parameter, 'speed') || parameter.unit === '%';
  return fits ? null : wrongUnit(parameter.unit ?? '', 'rev/min or %');
}
