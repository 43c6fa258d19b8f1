export * from './solar';
export * from './heat-flow';
