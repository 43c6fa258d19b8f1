export { answersOf, dutyInParts, isDutyWhole } from './answers';
export { applyCommand } from './apply';
export { benchDay, benchSheet, checkColumn, eventsFor, thrownAtATap } from './bench/bench';
export { believedOf, lastLeftOf, originOf } from './believed';
export { notOnTheHandover, pumpNow, type PumpKnown, type PumpNow } from './pump-now';
export { carriedOver } from './arrival/carried-over';
export { workOrder, type WorkOrder } from './work-order';
export { ownerPage, type OwnerPage } from './for-owner/owner-page';
export { type Told, toldFault, toldLeft, toldToOwner } from './for-owner/told';
export { clockDrift, driftInWords, readsItsDay } from './arrival/clock';
export { bareContext, contextOf } from './context';
export { neighboursOf, owedNeighbours } from './sheet/entry-slips';
export { guardedChanges, switchedOn, type GuardedChange } from './guarded';
export { gateOfHandover, openAt, gateOfProve, gateOfSet, type GateReason, isUntouched } from './gates';
export { refusalOf } from './refusals';
export { inTodaysFormat } from './hand-over/first-format';
export { freezeHandover, summarise } from './hand-over/handover';
export { type LeavingFile, leavingFiles } from './hand-over/leaves';
export { leftAsFound, leftToProve } from './proof/left-to-enter';
export { clashIn, holdsAlready } from './sheet/merge';
export { offeredChecks } from './proof/offered-checks';
export { RESETS } from './arrival/on-arrival';
export { type PlannedTarget, plannedTargets } from './sheet/planned-targets';
export { type Choices, choicesOf, movedByHand, type TargetLine, targetLines } from './sheet/target-lines';
export { isJudged, type Judge, judgeOf } from './sheet/judging';
export { type SameAgain, sameAgain } from './same-again';
export { mapBelieved, mapProfile, type ProfileMapping } from './same-setting';
export { aboutCheck, notesAbout } from './hand-over/notes';
export { chosenWords } from './sheet/chosen-words';
export { rewrittenNext } from './sheet/rewritten-next';
export { rowsOf } from './sheet/rows';
export { inOneLook, MOST_IN_A_LOOK } from './sheet/in-one-look';
export { toEnter } from './sheet/to-enter';
export { changedLines, offeredLine } from './hand-over/changed-lines';
export { measuredLine } from './hand-over/measured-line';
export { provedLines } from './hand-over/proved-words';
export {
  confirmedSteps,
  isLockedOff,
  isMadeSafe,
  isOpenToPower,
  powerBack,
  powerSteps,
  stepsHolding,
} from './safe';
export { withSent, withUnsent } from './unsent';
export { linksMade } from './job-findings';
export { leavingFindings, lookedAtInPart, viewJob, type JobView } from './view';
