export { benchSheet, plainWeek, type WeatherName, weatherOf, WEATHERS } from './bench/bench';
export { poolModel } from './bench/model';
export { poolPlant } from './bench/plant';
export { checkPlan, checkSettings } from './checks/checks';
export { frostNightCost, frostyWeek } from './effect/frost-night';
export {
  isExtrapolated,
  leastSpeed_rpm,
  measuredSpeeds,
  neededPerDay_m3,
  pointsLeftOut,
  pumpOf,
  type PumpOnSystem,
  totalVolume_m3,
  WALL_WORDS,
  wallsOf,
  wallSpeed,
} from './effect/hydraulics';
export { roofDay } from './effect/roof-day';
export {
  heldBy,
  type HeldBy,
  poolStrip,
  type RunStretch,
  sameRunning,
  trueWeek,
  weekSums,
  type WeekSums,
} from './effect/week';
export { poolFamily } from './family';
export type { PoolKind, PoolView } from './kind';
export type { PoolProfile } from './wire/job';
export {
  cheapestProblem,
  conflictWords,
  costOfPrograms,
  programsOfAnswer,
  type ReasonedProgram,
  scopeWords,
  startOf,
} from './plan/cheapest';
export type { PoolPlan } from './plan/draft';
export { planAndCheck, planPool, wantedPrograms } from './plan/plan';
export { speedRange } from './plan/programs';
export { proofChecks } from './proof/checks';
export { asFound, type PoolContext } from './settings/context';
export { emptyValues } from './settings/empty-slot';
export { programGroup } from './settings/program-group';
export { placeOfOption, POOL_OPTION_ROLES, POOL_ROLES } from './settings/roles';
export { type PoolSettings, understand, weekKnown } from './settings/understand';
export { POOL_REASONS } from './texts/reasons';
export type { PoolBehaviours } from './wire/behaviours';
export { type BodyOfWater, bodySchema } from './wire/water';
export { poolChoices, type PoolDuty, poolDutySchema } from './wire/duty';
export { type WantedProgram } from './wire/programs';
export type { PoolPlate } from './wire/plate';
