export * from './cascade';
export * from './ramp';
export { onAbove, onBelow } from './threshold';
export * from './voltage';
