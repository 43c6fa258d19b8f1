export * from './check';
export * from './judge';
