export { benchSheet, type HeatingDay, HEATING_DAYS, heatingDay, plainDay } from './bench/bench';
export { circulatorModel } from './bench/model';
export { circulatorPlant } from './bench/plant';
export { checkPlan, checkSettings } from './checks/checks';
export {
  atDuty_m,
  lineOf,
  openFlow_m3h,
  secondJoins,
  selfSpan,
  yearCost,
  yearEnergy_kWh,
} from './effect/line';
export { carrierOf, pumpOf, type PumpInSystem } from './effect/pump';
export { CARRIES_AIR_MS, purgeTime_s, purgeVelocity_ms } from './effect/purge';
export { proposedWay, twinGain, WAY_WORDS } from './effect/twin';
export { circulatorFamily } from './family';
export type { CirculatorKind, CirculatorView } from './kind';
export type { CirculatorProfile } from './wire/job';
export { planCirculator } from './plan/plan';
export { type ModeOffered, modesOffered, plannedMode, proposedMode } from './plan/propose';
export type { CirculatorContext } from './settings/context';
export { pauseOf_min, returnAt_C } from './effect/hot-water';
export { type CirculatorSettings, understand } from './settings/understand';
export { CIRCULATOR_REASONS } from './texts/reasons';
export { type CirculatorBehaviours, type Mode, MODE_WORDS } from './wire/behaviours';
export {
  type CirculatorDuty,
  circulatorDutySchema,
  SYSTEM_WORDS,
  type SystemKind,
  TWIN_WAYS,
  type TwinWay,
} from './wire/duty';
export type { CirculatorPlate } from './wire/plate';
