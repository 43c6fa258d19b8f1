export * from './problem';
export * from './blocks';
export * from './unmet';
export { lpOf } from './model';
export * from './cheapest';
