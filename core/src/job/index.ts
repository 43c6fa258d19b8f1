export { applyCommand } from './apply';
export { benchDays, benchSheet, checkColumn, eventsFor, thrownAtATap } from './bench';
export { carriedOver } from './carried-over';
export { clockDrift, driftInWords, readsItsDay } from './clock';
export { bareContext, contextOf } from './context';
export { neighboursOf, owedNeighbours } from './entry-slips';
export {
  gateOfHandover,
  gateOfProve,
  gateOfSet,
  type GateReason,
  isMadeSafe,
  isUntouched,
  refusalOf,
} from './gates';
export { freezeHandover, summarise } from './handover';
export { leftAsFound, leftToProve } from './left-to-enter';
export { clashIn, holdsAlready } from './merge';
export { offeredChecks } from './offered-checks';
export { RESETS } from './on-arrival';
export { type PlannedTarget, plannedTargets } from './planned-targets';
export { provedLines } from './proved-words';
export { leavingFindings, viewJob, type JobView } from './view';
