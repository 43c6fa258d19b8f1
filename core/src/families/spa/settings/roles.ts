import type { RoleQuantities } from '../../../profile';

/** What a pack's parameters can mean. */
export const SPA_ROLES = [
  'number',
  'switch',
  'link',
  'set',
  'range',
  'heating',
  'cycle.start',
  'cycle.length',
  'cycle.interval',
  'clean-up',
  'jets.time-out',
  'key.function',
  'lock',
  'lock.temperature',
  'sensor.offset',
  'unit',
] as const;
export type SpaRole = (typeof SPA_ROLES)[number];

/** Meanings of options. */
export const SPA_OPTION_ROLES = [
  'switch.on',
  'switch.off',
  'link.on',
  'link.off',
  'range.low',
  'range.high',
  'heating.always',
  'heating.cycles',
  'heating.low',
  'key.pump-1',
  'key.pump-2',
  'key.pump-3',
  'key.pump-4',
  'key.blower',
  'key.circulation',
  'key.ozone',
  'key.lights',
  'key.none',
  'lock.on',
  'lock.off',
  'unit.C',
  'unit.F',
] as const;
export type SpaOptionRole = (typeof SPA_OPTION_ROLES)[number];

/** What the figure of each role measures. */
export const SPA_QUANTITIES = {
  set: 'temperature',
  'cycle.length': 'minutes',
  'cycle.interval': 'minutes',
  'clean-up': 'minutes',
  'jets.time-out': 'minutes',
  'sensor.offset': 'difference',
} as const satisfies RoleQuantities;

/** What each way of heating goes by: it is checked when that changes. */
export const ROLES_OF_HEATING: Readonly<Record<string, readonly SpaRole[] | undefined>> = {
  'heating.always': ['set'],
  'heating.cycles': ['set', 'cycle.start', 'cycle.length'],
  'heating.low': ['cycle.start', 'cycle.length'],
};
