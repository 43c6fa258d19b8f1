export * from './sheet';
export * from './rewritten';
