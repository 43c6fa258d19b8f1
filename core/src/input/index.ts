export * from './input-error';
export { own } from './own';
