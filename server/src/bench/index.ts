export { runApart } from './run-apart';
