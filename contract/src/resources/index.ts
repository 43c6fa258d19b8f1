export * from './firm';
export * from './resources';
