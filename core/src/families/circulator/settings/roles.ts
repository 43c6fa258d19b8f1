import { roleTable, type OptionRoleIn, type RoleIn } from '../../../profile';

/** What a circulator's parameters can mean. */
export const CIRCULATOR_TABLE = roleTable({
  mode: ['mode.fixed', 'mode.constant', 'mode.proportional', 'mode.self', 'mode.clock', 'mode.temperature'],
  head: 'head',
  speed: 'percent',
  temperature: 'temperature',
  'temperature.sense': ['sense.heating', 'sense.cooling'],
  'temperature.place': ['place.flow', 'place.return'],
  'run.from': null,
  'run.to': null,
  'control.source': ['control.own', 'control.volts', 'control.sensor', 'control.link'],
  contact: ['contact.used', 'contact.off'],
  'volts.off': 'voltage',
  'volts.on': 'voltage',
  'volts.full': 'voltage',
  'sensor.kind': ['sensor.differential', 'sensor.temperature'],
  'sensor.range': 'pressure',
  'twin.part': ['part.lead', 'part.follows'],
  'twin.way': ['way.standby', 'way.alternate', 'way.on-demand', 'way.always'],
  'twin.hours': 'hours',
  'link.protocol': null,
  'link.address': null,
  'link.baud': null,
  'link.parity': null,
  'link.silence': ['silence.own-mode', 'silence.stop'],
  port: ['port.off', 'port.on'],
  'fault.sense': ['fault.opens', 'fault.closes'],
  night: ['night.on', 'night.off'],
  lock: ['lock.on', 'lock.off'],
  'power.after-cut': ['after-cut.resume', 'after-cut.wait'],
});
export const {
  roles: CIRCULATOR_ROLES,
  optionRoles: CIRCULATOR_OPTION_ROLES,
  quantities: CIRCULATOR_QUANTITIES,
} = CIRCULATOR_TABLE;
export type CirculatorRole = RoleIn<(typeof CIRCULATOR_TABLE)['meanings']>;
export type CirculatorOptionRole = OptionRoleIn<(typeof CIRCULATOR_TABLE)['meanings']>;

/** What each mode drives the pump with: it is checked when the mode changes. */
export const ROLES_OF_MODE: Readonly<Record<string, readonly CirculatorRole[] | undefined>> = {
  'mode.fixed': ['speed'],
  'mode.constant': ['head'],
  'mode.proportional': ['head'],
  'mode.clock': ['speed', 'run.from', 'run.to'],
  'mode.temperature': ['speed', 'temperature', 'temperature.sense', 'temperature.place'],
};
