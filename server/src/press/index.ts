export { Press } from './press';
