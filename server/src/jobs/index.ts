export * from './load';
export * from './commands';
export * from './import';
export { dutyOf, jobBefore, latestJob } from './start';
export { reportedOf, standingUnit, type StandingUnit } from './standing-unit';
