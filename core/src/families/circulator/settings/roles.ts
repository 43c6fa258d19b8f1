import type { RoleQuantities } from '../../../profile';

/** What a circulator's parameters can mean. */
export const CIRCULATOR_ROLES = [
  'mode',
  'head',
  'speed',
  'temperature',
  'temperature.sense',
  'temperature.place',
  'run.from',
  'run.to',
  'control.source',
  'contact',
  'volts.off',
  'volts.on',
  'volts.full',
  'sensor.kind',
  'sensor.range',
  'twin.part',
  'twin.way',
  'twin.hours',
  'link.protocol',
  'link.address',
  'link.baud',
  'link.parity',
  'link.silence',
  'port',
  'fault.sense',
  'night',
  'lock',
  'power.after-cut',
] as const;
export type CirculatorRole = (typeof CIRCULATOR_ROLES)[number];

/** Meanings of options. */
export const CIRCULATOR_OPTION_ROLES = [
  'mode.fixed',
  'mode.constant',
  'mode.proportional',
  'mode.self',
  'mode.clock',
  'mode.temperature',
  'control.own',
  'control.volts',
  'control.sensor',
  'control.link',
  'contact.used',
  'contact.off',
  'sense.heating',
  'sense.cooling',
  'place.flow',
  'place.return',
  'sensor.differential',
  'sensor.temperature',
  'part.lead',
  'part.follows',
  'way.standby',
  'way.alternate',
  'way.on-demand',
  'way.always',
  'silence.own-mode',
  'silence.stop',
  'port.off',
  'port.on',
  'fault.opens',
  'fault.closes',
  'night.on',
  'night.off',
  'lock.on',
  'lock.off',
  'after-cut.resume',
  'after-cut.wait',
] as const;
export type CirculatorOptionRole = (typeof CIRCULATOR_OPTION_ROLES)[number];

/** What the figure of each role measures. */
export const CIRCULATOR_QUANTITIES = {
  head: 'head',
  speed: 'percent',
  temperature: 'temperature',
  'volts.off': 'voltage',
  'volts.on': 'voltage',
  'volts.full': 'voltage',
  'sensor.range': 'pressure',
  'twin.hours': 'hours',
} as const satisfies RoleQuantities;

/** What each mode drives the pump with: it is checked when the mode changes. */
export const ROLES_OF_MODE: Readonly<Record<string, readonly CirculatorRole[] | undefined>> = {
  'mode.fixed': ['speed'],
  'mode.constant': ['head'],
  'mode.proportional': ['head'],
  'mode.clock': ['speed', 'run.from', 'run.to'],
  'mode.temperature': ['speed', 'temperature', 'temperature.sense', 'temperature.place'],
};
