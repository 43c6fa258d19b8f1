export * from './affinity';
export * from './body-of-water';
export * from './crossing';
export * from './pipe';
export * from './pump-on-pipes';
