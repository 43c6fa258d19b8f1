export { benchSheet, plainDay } from './bench/bench';
export { compareControls, runSession, type Compared, type SessionCourse } from './bench/run-session';
export { SESSIONS, sessionDay, type Session } from './bench/session';
export { checkPlan, checkSettings } from './checks/checks';
export { coolEnough, delivered_C } from './effect/cooling';
export { ceilings, flowAt_m3h, movesAbove_rpm, pumpOf, suctionHead_m, type PumpOut } from './effect/pump';
export { gulp_L, meanInflow_m3h, swing_L } from './effect/vessel';
export { whyWarmer } from './effect/why';
export { transferFamily } from './family';
export { CONTROL_WORDS, PLANT_WORDS, PUMP_KIND_WORDS } from './hand-over/facts';
export type { TransferKind, TransferView } from './kind';
export type { TransferProfile } from './wire/job';
export { planTransfer } from './plan/plan';
export type { TransferContext } from './settings/context';
export { understand, type TransferSettings } from './settings/understand';
export { TRANSFER_REASONS } from './texts/reasons';
export type { TransferBehaviours } from './wire/behaviours';
export {
  CONTROLS,
  PLANTS,
  PUMP_KINDS,
  transferDutySchema,
  type Control,
  type TransferDuty,
} from './wire/duty';
export type { TransferPlate } from './wire/plate';
export { FIRST_STEPS, type FirstKey } from './wire/records';
