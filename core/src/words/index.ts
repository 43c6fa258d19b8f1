export { capital } from './capital';
export { counted } from './counted';
