export type { BenchEvent } from './event';
export * from './scenario';
export * from './shapes';
export * from './model';
export * from './run';
export { Timeline } from './timeline';
export * from './event-words';
export * from './water-csv';
export { chance } from './wobble';
