export { benchSheet } from './bench/bench';
export { meteringModel } from './bench/model';
export { benchPlant, type MeteringPlant } from './bench/plant';
export { checkPlan, checkSettings } from './checks/checks';
export { gasInHead, headAtSuction } from './checks/head';
export { compensationLimit_bar } from './checks/pressure';
export { capacityLadder, type CapacityRung } from './effect/capacity';
export { type Cure, gasCures, suctionCures } from './effect/cures';
export { hoursOfDay_m3h, ratesOfDay_spm, usageOfDay } from './effect/day';
export { dosePicture, type DosePicture, lineInForce, mostAsked } from './effect/dose';
export { stockOf } from './effect/stock';
export { meteringFamily } from './family';
export type { MeteringKind, MeteringView } from './kind';
export type { MeteringJob, MeteringProfile } from './wire/job';
export type { MeteringPlan } from './plan/draft';
export { namedGear } from './plan/gear';
export { planAndCheck, planMetering } from './plan/plan';
export { meterOf, pulseTable } from './plan/pulses';
export {
  comparableVolumes_mL,
  lastDrawdown,
  measuredHistory,
  measuredLoss,
  measuredStroke_mL,
  resultOf,
  standingCalibration,
  whyRejected,
  withdrawnDrawdowns,
} from './proof/calibration';
export type { CheckKey } from './proof/check-keys';
export { countTime_s } from './proof/count';
export { standing } from './proof/judged-readings';
export { judgeLive, type LiveRead } from './proof/live';
export {
  COUNT_TIME_s,
  expectedAt,
  type ExpectedPoint,
  flowTolerance,
  rateOf,
  toleranceAt,
} from './proof/readings';
export {
  type MeteringContext,
  productAge_days,
  strengthToday_gpl,
  unloaded_mL,
  withCalibration,
} from './settings/context';
export { factorRole } from './settings/factor-role';
export { isSetInFlow, rateToSetting } from './settings/rates';
export { METERING_OPTION_ROLES, METERING_ROLES, type MeteringMode, ROLES_OF_MODE } from './settings/roles';
export { type MeteringSettings, understand } from './settings/understand';
export { finding } from './texts/finding';
export { REASONS } from './texts/reasons';
export type { MeteringBehaviours } from './wire/behaviours';
export { choicesOf, type MeteringDuty, meteringDutySchema } from './wire/duty';
export { gearsOf, type MeteringPlate } from './wire/plate';
export type { CalibrationBody } from './wire/records';
export { blankDuty } from './form/blank-duty';
export { PRODUCT_FIELDS } from './form/product-fields';
export { type KeptProduct, PRODUCT_FORM } from './form/product-form';
export { dutyProductSchema, strengthSchema } from './wire/product';
export { lastAt, lineAgrees, pointsToInject, proofPoints } from './proof/points';
