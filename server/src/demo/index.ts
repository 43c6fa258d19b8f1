export * from './demo-data';
