export { OF_CHECK, timerKey, type JobTimer } from './use-kept-timer';
export { type RunningTimer, useEndTimer, useRunningTimers } from './use-running-timers';
export { tellOver } from './tell-over';
export { minutesOf, WaitTimer } from './wait-timer';
