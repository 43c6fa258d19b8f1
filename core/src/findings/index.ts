export * from './finding';
export * from './decision';
export * from './render';
export * from './thresholds';
