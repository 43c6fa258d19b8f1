export * from './load';
export * from './commands';
export * from './import';
export { dutyOf, jobBefore, latestJob } from './start';
