export { AIRS, benchSheet, plainDay, weatherOf, type Air } from './bench/bench';
export { spaModel } from './bench/model';
export { spaPlant } from './bench/plant';
export { checkPlan, checkSettings } from './checks/checks';
export { lackSaid, needSaid } from './checks/number';
export { savedBetween, type Between } from './effect/between';
export {
  circulates,
  cleanUpsOf,
  filterHours_h,
  hoursOf,
  longestStand_min,
  minutesOf,
  runsOf,
} from './effect/cycles';
export {
  ampsOf,
  currentsOf,
  heaterCurrent_A,
  heatingLost_kWh,
  partsOf,
  stateSaid,
  worstLoad,
  type Load,
} from './effect/load';
export { inTheWay, lacksOf, matchTable, rowOf, tellsApart, type Lack, type Match } from './effect/match';
export { keyedOutputs } from './effect/panel';
export {
  coveredLoss_WK,
  held_C,
  heaterFlows,
  latestStart,
  ready_h,
  shownUntil_h,
  standsWarm_kWh,
  tubDay,
  warmest_C,
  warming,
} from './effect/tub';
export { spaFamily } from './family';
export { connectedSaid, timesSaid } from './hand-over/facts';
export type { SpaKind, SpaView } from './kind';
export type { SpaProfile } from './wire/job';
export { planSpa } from './plan/plan';
export { RULE_WORDS, ruleSaid } from './texts/rule-words';
export { offersOf, type Offer } from './plan/row';
export { changeSteps, wipedBy, type ChangeStep } from './settings/change-steps';
export { copiedTable, type SpaContext } from './settings/context';
export { understand, type Heating, type SpaSettings } from './settings/understand';
export { SPA_REASONS } from './texts/reasons';
export { OUTPUTS, OUTPUT_WORDS, READ_AT_WORDS, type Output, type SpaBehaviours } from './wire/behaviours';
export { spaDutySchema, type SpaDuty } from './wire/duty';
export type { SpaPlate } from './wire/plate';
export type { TableRow } from './wire/table';
export { readTableCsv, TABLE_COLUMNS, writeTableCsv } from './wire/table-csv';
