export * from './input-error';
