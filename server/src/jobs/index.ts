export * from './load';
export * from './commands';
export * from './import';
export { dutyOf, lastLeftOf, latestJob, reportedOf } from './start';
