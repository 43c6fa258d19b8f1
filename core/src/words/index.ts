export { capital } from './capital';
export { counted } from './counted';
export { recordName } from './record-names';
