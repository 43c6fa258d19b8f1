export * from './load';
export * from './commands';
export * from './import';
export { dutyOf, latestJob } from './start';
