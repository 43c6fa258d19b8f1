import { parameterWithRole, placesOf, type SettingValues } from '../../../profile';
import type { Sharing } from '../../../hydraulics';
import type { OutsideSpan } from '../../../signal';
import { ownWay } from '../../parts/behaviours';
import { SettingsReader } from '../../parts/settings-reader';
import type { DriveProfile } from '../wire/job';
import type { DriveDuty, Holds, Lost } from '../wire/duty';
import type { DrivePlate } from '../wire/plate';
import { DRIVE_QUANTITIES, type DriveRole } from './roles';

/** A drive's settings in the field's terms; null is not known, or not there. */
export interface DriveSettings {
  readonly holds: Holds | null;
  readonly units: number | null;
  /** address of each unit that its own sheet has, in order; those not known are left out */
  readonly addresses: readonly number[];
  readonly motor: {
    readonly current_A: number | null;
    readonly speed_rpm: number | null;
    readonly volts_V: number | null;
    readonly power_kW: number | null;
    readonly thermal: 'on' | 'off' | null;
  };
  readonly least_hz: number | null;
  readonly most_hz: number | null;
  readonly rampUp_s: number | null;
  readonly rampDown_s: number | null;
  /** per cent of the rated frequency for each bar */
  readonly gain: number | null;
  readonly reset_s: number | null;
  readonly range_bar: number | null;
  readonly zero_mA: number | null;
  readonly sensorKind: 'plain' | 'differential' | 'two' | null;
  /** of the one at the inlet, where two measure a difference */
  readonly secondRange_bar: number | null;
  readonly signal: { readonly span: OutsideSpan | null; readonly lost: Lost | null };
  readonly set_bar: number | null;
  /** in force while a switched input asks for it */
  readonly second_bar: number | null;
  readonly set_hz: number | null;
  /** by how much the set pressure rises up to the greatest draw */
  readonly lift_bar: number | null;
  readonly cutIn_bar: number | null;
  readonly stop_hz: number | null;
  readonly stopDelay_s: number | null;
  readonly boost_bar: number | null;
  readonly dry: {
    /** what tells it that it runs dry; null where that is not known, or not asked */
    readonly by: 'sensor' | 'sums' | 'none' | null;
    readonly threshold_bar: number | null;
    readonly delay_s: number | null;
    readonly retries: number | null;
    readonly reaction: 'stop' | 'warn' | 'ignore' | 'off' | null;
  };
  readonly fill: 'on' | 'off' | null;
  readonly next: {
    readonly below_bar: number | null;
    readonly delay_s: number | null;
    readonly off_hz: number | null;
    readonly hours_h: number | null;
  };
  readonly sharing: Sharing | null;
  readonly afterCut: 'resume' | 'wait' | null;
  readonly afterFault: 'resume' | 'wait' | null;
  readonly lock: 'on' | 'off' | null;
  readonly setUp: 'complete' | 'open' | null;
  readonly protocol: string | null;
  readonly linkAddress: number | null;
  readonly silence: 'own' | 'stop' | null;
}

/** Reads a column of the sheet by the roles of its parameters: of the first unit where each has its own sheet, unless another is asked for. */
export function understand(
  profile: DriveProfile,
  _plate: DrivePlate,
  values: SettingValues,
  unit = 1,
): DriveSettings {
  const read = new SettingsReader<DriveRole>(profile, values, DRIVE_QUANTITIES, unit);
  const figure = (role: DriveRole) => read.figure(role);
  const set_bar = figure('set');
  const below = figure('cut-in.below');
  const { holds, sharing } = profile.behaviours;
  return {
    // what can do one thing alone needs no setting to do it
    holds: read.chosen<Holds>('holds') ?? (read.has('holds') ? null : holds[0]),
    units: figure('units'),
    addresses: read.each('address', (index) => read.figure('address', index)),
    motor: {
      current_A: figure('motor.current'),
      speed_rpm: figure('motor.speed'),
      volts_V: figure('motor.volts'),
      power_kW: figure('motor.power'),
      thermal: read.chosen('motor.thermal'),
    },
    least_hz: figure('frequency.least'),
    most_hz: figure('frequency.greatest'),
    rampUp_s: figure('ramp.up'),
    rampDown_s: figure('ramp.down'),
    gain: figure('gain'),
    reset_s: figure('reset'),
    range_bar: figure('sensor.range'),
    zero_mA: figure('sensor.zero'),
    sensorKind: read.chosen('sensor.kind'),
    secondRange_bar: figure('sensor.range.second'),
    signal: { span: read.chosen<OutsideSpan>('signal.kind'), lost: read.chosen<Lost>('signal.lost') },
    set_bar,
    second_bar: figure('set.second'),
    set_hz: figure('set.frequency'),
    lift_bar: figure('lift'),
    cutIn_bar: figure('cut-in') ?? (set_bar === null || below === null ? null : set_bar - below),
    stop_hz: figure('stop.frequency'),
    stopDelay_s: figure('stop.delay'),
    boost_bar: figure('stop.boost'),
    dry: {
      by: read.chosen('dry.by'),
      threshold_bar: figure('dry.threshold'),
      delay_s: figure('dry.delay'),
      retries: figure('dry.retries'),
      reaction: read.chosen('dry.reaction'),
    },
    fill: read.chosen('fill'),
    next: {
      below_bar: figure('next.below'),
      delay_s: figure('next.delay'),
      off_hz: figure('next.off'),
      hours_h: figure('next.hours'),
    },
    sharing: read.chosen<Sharing>('sharing') ?? (sharing.length === 1 ? sharing[0] : null),
    afterCut: read.chosen('power.after-cut') ?? ownWay(profile.behaviours.afterPowerCut),
    afterFault: read.chosen('fault.after') ?? ownWay(profile.behaviours.afterFault),
    lock: read.chosen('lock'),
    setUp: read.chosen('set-up'),
    protocol: read.words('link.protocol'),
    linkAddress: figure('link.address'),
    silence: read.chosen('link.silence'),
  };
}

/** How many units have an address on its own sheet. */
export function unitPlaces(profile: DriveProfile): number {
  const parameter = parameterWithRole(profile, 'address');
  return parameter ? placesOf(profile, parameter.group) : 0;
}

/** How many of the fitted units have a sheet of their own: one where all stand on one. */
export function sheetsOf({ profile, duty }: { profile: DriveProfile; duty: DriveDuty }): number {
  const places = profile.parameters
    .filter(({ role }) => role !== undefined && role !== 'address')
    .map(({ group }) => placesOf(profile, group));
  return Math.min(Math.max(1, ...places), duty.pump.count);
}
