export * from './sheet';
export * from './rewritten';
export { withChosen } from './chosen';
