export { BenchLink } from './bench-link';
export { DecisionAction } from './decision-action';
export { JobProvider, type JobScope, useJobScope, useScopeOf } from './job-context';
export { PowerBackCard } from './power-back-card';
export { ForOwnerCard } from './for-owner-card';
export { Notes } from './notes';
export { WorkOrderLink } from './work-order-link';
export { TakeBack } from './take-back';
export { StageFrame } from './stage-frame';
