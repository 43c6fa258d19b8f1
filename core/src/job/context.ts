import type { Duty, FamilyContext, FamilyKinds, Plate } from '../families';
import {
  withCalibration,
  type MeteringContext,
  type MeteringDuty,
  type MeteringPlate,
} from '../families/metering';
import { NOT_COMPARED, type PoolContext, type PoolDuty, type PoolPlate } from '../families/pool';
import { InputError } from '../input';
import type { MeteringProfile, PoolProfile, Profile, SettingValues } from '../profile';
import { measuredHistory, standingCalibration } from './calibration';
import type { JobDocument } from './document';
import { lastRecord } from './records';
import { sensorErrors } from './sensor-errors';

/** The plate as it was read on this job, else as it is kept of the unit. */
export function plateOf(document: JobDocument): JobDocument['unit']['plate'] {
  return lastRecord(document, 'identify')?.body.plate ?? document.unit.plate;
}

/**
 * What planning and checking of a metering job start from, for a duty and what the controller holds: the plate as it was read,
 * and the stroke volume that was measured at this unit where one stands.
 */
export function meteringContextOf(
  document: JobDocument,
  duty: MeteringDuty,
  inForce: SettingValues,
  today: string,
): MeteringContext {
  const identify = lastRecord(document, 'identify');
  const calibration = standingCalibration(measuredHistory(document), duty.place.dischargePressure_bar);
  return {
    duty: withCalibration(duty, calibration),
    profile: document.profile as MeteringProfile,
    plate: plateOf(document) as MeteringPlate,
    today,
    inForce,
    signalFrom: identify?.body.signalFrom ?? document.pump.signalFrom,
    calibration,
  };
}

/** What planning and checking of a pool job start from; a clock that was read off and not set right stays off. */
export function poolContextOf(
  document: JobDocument,
  duty: PoolDuty,
  inForce: SettingValues,
  today: string,
): PoolContext {
  const clock = lastRecord(document, 'clock')?.body;
  return {
    duty,
    profile: document.profile as PoolProfile,
    plate: plateOf(document) as PoolPlate,
    today,
    zone: document.site.zone,
    inForce,
    commandSeen: lastRecord(document, 'identify')?.body.command ?? null,
    clockAhead_min: clock && !clock.setRight ? (clock.error_min ?? 0) : 0,
    sensorErrors: sensorErrors(document),
  };
}

/** True for a duty of a family. */
export function isDutyOf<F extends keyof FamilyKinds>(family: F, duty: Duty): duty is FamilyKinds[F]['duty'] {
  return duty.family === family;
}

/** The context of whichever family the job's pump is of; null for a duty of another family. */
export function contextOf(
  document: JobDocument,
  duty: Duty,
  inForce: SettingValues,
  today: string,
): FamilyContext | null {
  if (document.profile.family === 'pool') {
    return isDutyOf('pool', duty) ? poolContextOf(document, duty, inForce, today) : null;
  }
  return isDutyOf('metering', duty) ? meteringContextOf(document, duty, inForce, today) : null;
}

/** What is known of a pump apart from any job. */
export interface BarePump {
  readonly duty: Duty;
  readonly profile: Profile;
  readonly plate: Plate;
  readonly today: string;
  readonly zone: string;
  readonly inForce: SettingValues;
  readonly signalFrom?: MeteringContext['signalFrom'];
}

/** The context of a pump without a job. Throws an InputError on `duty` where it is of another family than the controller. */
export function bareContext({
  duty,
  profile,
  plate,
  zone,
  signalFrom = null,
  ...rest
}: BarePump): FamilyContext {
  if (profile.family === 'pool' && isDutyOf('pool', duty)) {
    return {
      ...rest,
      duty,
      profile,
      plate: plate as PoolPlate,
      zone,
      commandSeen: null,
      clockAhead_min: 0,
      sensorErrors: NOT_COMPARED,
    };
  }
  if (profile.family === 'metering' && isDutyOf('metering', duty)) {
    return { ...rest, duty, profile, plate: plate as MeteringPlate, signalFrom };
  }
  throw new InputError('duty', `The controller is of a ${profile.family} pump, and the duty is not.`);
}

/** True for the context of a pool pump. */
export function isPool(context: FamilyContext): context is PoolContext {
  return context.profile.family === 'pool';
}
