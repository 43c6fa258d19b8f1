export { States } from './states';
