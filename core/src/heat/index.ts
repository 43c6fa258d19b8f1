export * from './solar';
export * from './heat-flow';
export * from './lumped';
export * from './exchanger';
