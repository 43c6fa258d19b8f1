export { BenchLink } from './bench-link';
export { DecisionAction } from './decision-action';
export { JobProvider, type JobScope, useJobScope, useScopeOf } from './job-context';
export { StageFrame } from './stage-frame';
