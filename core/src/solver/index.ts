export * from './solver';
export * from './highs-adapter';
