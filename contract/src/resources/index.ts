export * from './resources';
