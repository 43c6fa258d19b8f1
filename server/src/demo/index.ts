export * from './demo-data';
export * from './demo-file';
