export * from './build-server';
