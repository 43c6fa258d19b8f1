export { timerKey, type JobTimer } from './use-kept-timer';
export { WaitTimer } from './wait-timer';
