export { stateCheck } from './state-check';
export * from './check';
export * from './judge';
export * from './asked';
export * from './named-slip';
export { rangesBehind } from './range-ratio';
