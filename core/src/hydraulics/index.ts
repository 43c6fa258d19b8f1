export * from './affinity';
