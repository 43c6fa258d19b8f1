export * from './addresses';
