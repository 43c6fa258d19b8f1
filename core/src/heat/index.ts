export * from './solar';
