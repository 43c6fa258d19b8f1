export { useChangeTarget } from './change-target';
export { OtherSettings } from './other-settings';
export { TargetChoice } from './target-choice';
export { TargetList } from './target-list';
