export { onAbove, onBelow } from './threshold';
