export * from './finding';
export * from './decision';
export * from './render';
export * from './thresholds';
export * from './texts-any';
export * from './make';
export * from './refused-values';
export * from './group';
