export * from './problem';
export * from './handler';
