import type { RoleQuantities } from '../../../profile';

/** What the parameters of such a controller can mean. */
export const TRANSFER_ROLES = [
  'plant',
  'pump.kind',
  'inlets',
  'motor.volts',
  'motor.current',
  'motor.speed',
  'speed.least',
  'speed.greatest',
  'level.bottom',
  'level.top',
  'control',
  'gain',
  'averaging',
  'run-on',
  'emptying.every',
  'cleaning.input',
  'cleaning.speed',
  'alarm.high',
  'power.after-cut',
] as const;
export type TransferRole = (typeof TRANSFER_ROLES)[number];

/** Meanings of options. */
export const TRANSFER_OPTION_ROLES = [
  'plant.press',
  'plant.vacuum',
  'plant.tank',
  'pump.plain',
  'pump.self-priming',
  'control.even',
  'control.level',
  'cleaning.used',
  'cleaning.off',
  'after-cut.resume',
  'after-cut.wait',
] as const;
export type TransferOptionRole = (typeof TRANSFER_OPTION_ROLES)[number];

/** What the figure of each role measures. */
export const TRANSFER_QUANTITIES = {
  'motor.volts': 'voltage',
  'motor.current': 'motorCurrent',
  'motor.speed': 'speed',
  'speed.least': 'speed',
  'speed.greatest': 'speed',
  'level.bottom': 'level',
  'level.top': 'level',
  averaging: 'minutes',
  'run-on': 'seconds',
  'emptying.every': 'minutes',
  'cleaning.speed': 'speed',
  'alarm.high': 'level',
} as const satisfies RoleQuantities;

/** What each way of control goes by: it is checked when that changes. */
export const ROLES_OF_CONTROL: Readonly<Record<string, readonly TransferRole[] | undefined>> = {
  'control.even': ['speed.least', 'speed.greatest', 'level.top', 'gain', 'averaging', 'emptying.every'],
  'control.level': ['speed.least', 'speed.greatest', 'level.bottom', 'level.top'],
};
