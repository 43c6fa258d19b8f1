export * from './command';
