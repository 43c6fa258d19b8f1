export * from './two-point-map';
export * from './live-zero';
export * from './range-mismatch';
export * from './sensor-range';
export { hasLiveZero, OUTSIDE_SPANS, shareTaken, type OutsideSpan } from './outside-span';
