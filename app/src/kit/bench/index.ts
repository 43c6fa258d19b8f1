export type { BenchDraft } from './bench-draft';
export { DaysChoice } from './days-choice';
export { clockOf, sameUntil, secondsOfClock } from './scenario-draft';
export { SumsCard } from './sums-card';
