import { withCalibration, type MeteringContext, type MeteringDuty } from '../families/metering';
import type { SettingValues } from '../profile';
import { measuredHistory, standingCalibration } from './calibration';
import type { JobDocument } from './document';
import { lastRecord } from './records';

/**
 * What planning and checking of a job start from, for a duty and what the controller holds: the plate as it was read,
 * and the stroke volume that was measured at this unit where one stands.
 */
export function contextOf(
  document: JobDocument,
  duty: MeteringDuty,
  inForce: SettingValues,
  today: string,
): MeteringContext {
  const identify = lastRecord(document, 'identify');
  const calibration = standingCalibration(measuredHistory(document));
  return {
    duty: withCalibration(duty, calibration),
    profile: document.profile,
    plate: identify?.body.plate ?? document.unit.plate,
    today,
    inForce,
    signalFrom: identify?.body.signalFrom ?? document.pump.signalFrom,
    calibration,
  };
}
