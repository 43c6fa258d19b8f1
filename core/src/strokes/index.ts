export * from './whole-strokes';
export * from './response';
export * from './expected-values';
