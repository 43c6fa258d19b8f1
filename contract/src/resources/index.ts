export * from './firm';
export * from './kept';
export * from './resources';
