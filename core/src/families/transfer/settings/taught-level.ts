import { parameterWithRole, type Parameter, type Profile, type SettingValues } from '../../../profile';
import { SettingsReader } from '../../parts/settings-reader';
import { LEVEL_ROLES, TRANSFER_QUANTITIES, type TransferRole } from './roles';

/** Heights of the float that a controller was taught as nothing and as full, mm. */
export interface Taught {
  readonly bottom_mm: number;
  readonly top_mm: number;
}

/** What it was taught; null where that is not known, or makes no span. */
export function taughtIn(profile: Profile, values: SettingValues): Taught | null {
  const read = new SettingsReader<TransferRole>(profile, values, TRANSFER_QUANTITIES);
  const [bottom_mm, top_mm] = [read.figure('taught.bottom'), read.figure('taught.top')];
  return bottom_mm === null || top_mm === null || top_mm <= bottom_mm ? null : { bottom_mm, top_mm };
}

/** True where a level is shown as a share of what was taught. */
export const isTaughtShare = (parameter: Parameter | undefined, role: TransferRole): boolean =>
  parameter?.unit === '%' && LEVEL_ROLES.includes(role);

/** A level of the sheet, mm; null where it is not known, or where it is a share of what nobody knows. */
export function levelOf_mm(profile: Profile, values: SettingValues, role: TransferRole): number | null {
  const parameter = parameterWithRole(profile, role);
  const value = parameter && values[parameter.key];
  if (!isTaughtShare(parameter, role))
    return new SettingsReader<TransferRole>(profile, values, TRANSFER_QUANTITIES).figure(role);
  const taught = taughtIn(profile, values);
  if (typeof value !== 'number' || taught === null) return null;
  return taught.bottom_mm + (value / 100) * (taught.top_mm - taught.bottom_mm);
}

/** Litres an hour for each mm of level; where levels are shares of what was taught, a gain may be for each of their parts in a hundred. */
export function gainOf_Lhmm(profile: Profile, values: SettingValues): number | null {
  const parameter = parameterWithRole(profile, 'gain');
  const value = new SettingsReader<TransferRole>(profile, values, TRANSFER_QUANTITIES).figure('gain');
  if (value === null || !isForEachShare(parameter)) return value;
  const taught = taughtIn(profile, values);
  return taught === null ? null : value / perShare_mm(taught);
}

/** True where a gain is for each part in a hundred of what was taught. */
export const isForEachShare = (parameter: Parameter | undefined): boolean =>
  parameter?.unit?.endsWith('%') === true;

/** One part in a hundred of what was taught, mm. */
export const perShare_mm = ({ bottom_mm, top_mm }: Taught): number => (top_mm - bottom_mm) / 100;

/** A height as the share of what was taught, %. Inverse of `levelOf_mm`. */
export const shareOfTaught_pct = ({ bottom_mm, top_mm }: Taught, height_mm: number): number =>
  ((height_mm - bottom_mm) / (top_mm - bottom_mm)) * 100;
