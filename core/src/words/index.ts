export { capital } from './capital';
export { counted } from './counted';
export { recordName } from './record-names';
export { NO_NAME, receivedWords } from './received';
