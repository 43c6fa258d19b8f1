export * from './two-point-map';
export * from './live-zero';
export * from './whole-strokes';
export * from './response';
export * from './expected-values';
export * from './range-mismatch';
export * from './sensor-range';
