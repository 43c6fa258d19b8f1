export * from './two-point-map';
export * from './live-zero';
export * from './range-mismatch';
export * from './sensor-range';
