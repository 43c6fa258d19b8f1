import type { SettingValues } from '../../../profile';
import { ownWay } from '../../parts/behaviours';
import { SettingsReader } from '../../parts/settings-reader';
import type { TransferProfile } from '../wire/job';
import type { Control, Plant, PumpKind } from '../wire/duty';
import type { TransferPlate } from '../wire/plate';
import { gainOf_Lhmm, levelOf_mm } from './taught-level';
import { TRANSFER_QUANTITIES, type TransferRole } from './roles';

/** The settings in the field's terms; null is not known, or not there. */
export interface TransferSettings {
  readonly plant: Plant | null;
  readonly pumpKind: PumpKind | null;
  readonly inlets: number | null;
  readonly motor: {
    readonly volts_V: number | null;
    readonly current_A: number | null;
    readonly speed_rpm: number | null;
  };
  readonly least_rpm: number | null;
  readonly most_rpm: number | null;
  /** heights of the float that were taught as nothing and as full, where levels are shares of them */
  readonly taught: { readonly bottom_mm: number | null; readonly top_mm: number | null };
  /** of the float's way */
  readonly bottom_mm: number | null;
  readonly top_mm: number | null;
  readonly control: Control | null;
  /** L/h for each mm of level */
  readonly gain: number | null;
  readonly averaging_min: number | null;
  readonly runOn_s: number | null;
  /** nil where it is off */
  readonly emptying_min: number | null;
  readonly cleaning: 'used' | 'off' | null;
  readonly cleaning_rpm: number | null;
  readonly alarm_mm: number | null;
  readonly afterCut: 'resume' | 'wait' | null;
}

/** Reads a column of the sheet by the roles of its parameters. */
export function understand(
  profile: TransferProfile,
  _plate: TransferPlate,
  values: SettingValues,
): TransferSettings {
  const read = new SettingsReader<TransferRole>(profile, values, TRANSFER_QUANTITIES);
  const figure = (role: TransferRole) => read.figure(role);
  const level = (role: TransferRole) => levelOf_mm(profile, values, role);
  const { behaviours } = profile;
  const { controls } = behaviours;
  return {
    plant: read.chosen('plant'),
    pumpKind: read.chosen('pump.kind'),
    inlets: figure('inlets'),
    motor: {
      volts_V: figure('motor.volts'),
      current_A: figure('motor.current'),
      speed_rpm: figure('motor.speed'),
    },
    least_rpm: figure('speed.least'),
    most_rpm: figure('speed.greatest'),
    taught: { bottom_mm: figure('taught.bottom'), top_mm: figure('taught.top') },
    bottom_mm: level('level.bottom'),
    top_mm: level('level.top'),
    // what knows one way alone needs no setting for it
    control: read.chosen<Control>('control') ?? (read.has('control') ? null : controls[0]),
    gain: gainOf_Lhmm(profile, values),
    averaging_min: figure('averaging') ?? (read.has('averaging') ? null : behaviours.averages_min),
    runOn_s: figure('run-on'),
    emptying_min: figure('emptying.every') ?? (read.has('emptying.every') ? null : 0),
    cleaning: read.chosen('cleaning.input'),
    cleaning_rpm: figure('cleaning.speed'),
    alarm_mm: level('alarm.high'),
    afterCut: read.chosen('power.after-cut') ?? ownWay(behaviours.afterPowerCut),
  };
}
