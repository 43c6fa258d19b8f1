import { type Parameter, roleTable, type OptionRoleIn, type RoleIn } from '../../../profile';

/** What the parameters of such a controller can mean. */
export const TRANSFER_TABLE = roleTable({
  plant: ['plant.press', 'plant.vacuum', 'plant.tank', 'plant.separator'],
  'pump.kind': ['pump.plain', 'pump.self-priming', 'pump.lobe', 'pump.flexible'],
  inlets: null,
  'motor.volts': 'voltage',
  'motor.current': 'motorCurrent',
  'motor.speed': 'speed',
  'speed.least': 'speed',
  'speed.greatest': 'speed',
  'level.bottom': 'level',
  'level.top': 'level',
  'taught.bottom': 'level',
  'taught.top': 'level',
  control: ['control.even', 'control.level'],
  gain: null,
  averaging: 'minutes',
  'run-on': 'seconds',
  'emptying.every': 'minutes',
  'cleaning.input': ['cleaning.used', 'cleaning.off'],
  'cleaning.speed': 'speed',
  'alarm.high': 'level',
  'power.after-cut': ['after-cut.resume', 'after-cut.wait'],
});
export const {
  roles: TRANSFER_ROLES,
  optionRoles: TRANSFER_OPTION_ROLES,
  quantities: TRANSFER_QUANTITIES,
} = TRANSFER_TABLE;
export type TransferRole = RoleIn<(typeof TRANSFER_TABLE)['meanings']>;
export type TransferOptionRole = OptionRoleIn<(typeof TRANSFER_TABLE)['meanings']>;

/** Levels that a controller may show as a share of what it was taught. */
export const LEVEL_ROLES: readonly TransferRole[] = ['level.bottom', 'level.top', 'alarm.high'];

/** A level shown in per cent is one of what the float was taught; undefined for any other unit or role. */
export function levelUnitFault({ role = '', unit }: Parameter): null | undefined {
  return unit === '%' && (LEVEL_ROLES as readonly string[]).includes(role) ? null : undefined;
}

/** What each way of control goes by: it is checked when that changes. */
export const ROLES_OF_CONTROL: Readonly<Record<string, readonly TransferRole[] | undefined>> = {
  'control.even': ['speed.least', 'speed.greatest', 'level.top', 'gain', 'averaging', 'emptying.every'],
  'control.level': ['speed.least', 'speed.greatest', 'level.bottom', 'level.top'],
};
