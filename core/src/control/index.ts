export { onAbove, onBelow } from './threshold';
export * from './voltage';
