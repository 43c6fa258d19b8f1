export * from './parameter';
export * from './metering-behaviours';
export * from './profile';
export * from './hash';
export * from './values';
export * from './placed';
export * from './pool-behaviours';
export * from './reader';
