export * from './problem';
export { lpOf } from './model';
export * from './cheapest';
