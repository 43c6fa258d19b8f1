export { benchSheet, drawMinutes_m3h, plainDay } from './bench/bench';
export { driveModel } from './bench/model';
export { drivePlant } from './bench/plant';
export { pressureTrace, SCENES, type PressureTrace, type Scene } from './bench/trace';
export { checkPlan, checkSettings } from './checks/checks';
export {
  closed_hz,
  greatestPressure_bar,
  headFor_m,
  mostOf_hz,
  pumpOf,
  reaches_bar,
  stopSpan_m3h,
  stopsUnder_m3h,
  type DrivenPump,
} from './effect/pump';
export {
  askedAt_bar,
  enoughAtNil_bar,
  heldAt_bar,
  holdsPressure,
  neededSet_bar,
  startsAt_bar,
  stopsAt_bar,
} from './effect/set';
export { drawDay_m3h, runsAtDraw, sharingDay_kWh } from './effect/sharing';
export { startsInWords, startsMost, usableOf_L } from './effect/vessel';
export { driveFamily } from './family';
export type { DriveKind, DriveView } from './kind';
export type { DriveProfile } from './wire/job';
export { planDrive } from './plan/plan';
export type { DriveContext } from './settings/context';
export { type DriveSettings, understand } from './settings/understand';
export { DRIVE_REASONS } from './texts/reasons';
export type { DriveBehaviours } from './wire/behaviours';
export { type DriveDuty, driveDutySchema, HOLDS_WORDS, type Holds, SHARING_WORDS } from './wire/duty';
export type { DrivePlate } from './wire/plate';
