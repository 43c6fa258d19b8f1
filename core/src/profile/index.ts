export * from './clock-of';
export * from './clock-shows';
export * from './parameter';
export * from './profile';
export * from './hash';
export * from './values';
export * from './placed';
export * from './reader';
