export { LevelGrip } from './level-grip';
export { PlanScreen } from './plan-screen';
export { taken } from './taken';
export { TargetField } from './target-field';
export { type DutyTyped, useDuty } from './use-duty';
export { type MoveByHand, useMoved } from './use-moved';
export { type ByHand, type Planned, usePlanned } from './use-planned';
export { Still } from './still';
