import { roleTable, type OptionRoleIn, type RoleIn } from '../../../profile';

/** What a pack's parameters can mean. */
export const SPA_TABLE = roleTable({
  number: null,
  switch: ['switch.on', 'switch.off'],
  link: ['link.on', 'link.off'],
  set: 'temperature',
  range: ['range.low', 'range.high'],
  heating: ['heating.always', 'heating.cycles', 'heating.low'],
  'cycle.start': null,
  'cycle.length': 'minutes',
  'cycle.interval': 'minutes',
  'clean-up': 'minutes',
  'jets.time-out': 'minutes',
  'key.function': [
    'key.pump-1',
    'key.pump-2',
    'key.pump-3',
    'key.pump-4',
    'key.blower',
    'key.circulation',
    'key.ozone',
    'key.lights',
    'key.none',
  ],
  lock: ['lock.on', 'lock.off'],
  'lock.temperature': ['lock.on', 'lock.off'],
  'sensor.offset': 'difference',
  unit: ['unit.C', 'unit.F'],
});
export const { roles: SPA_ROLES, optionRoles: SPA_OPTION_ROLES, quantities: SPA_QUANTITIES } = SPA_TABLE;
export type SpaRole = RoleIn<(typeof SPA_TABLE)['meanings']>;
export type SpaOptionRole = OptionRoleIn<(typeof SPA_TABLE)['meanings']>;

/** What each way of heating goes by: it is checked when that changes. */
export const ROLES_OF_HEATING: Readonly<Record<string, readonly SpaRole[] | undefined>> = {
  'heating.always': ['set'],
  'heating.cycles': ['set', 'cycle.start', 'cycle.length'],
  'heating.low': ['cycle.start', 'cycle.length'],
};
