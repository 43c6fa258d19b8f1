export * from './strength';
export * from './needed-flow';
export * from './stroke-volume';
export * from './dose-line';
export * from './full-rate';
